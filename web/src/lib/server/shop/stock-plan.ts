import { isDeepStrictEqual } from 'node:util';
import { BLANK_DETAILS, type Style } from '@chiave/core/fit';
import { readCells, readCsv } from '../../api/csv';
import { withHeelsRenewed } from '../../api/old-heels';
import { type IMPORT_KINDS, countsOfPaste, countsOfRows, lastsOfRows, stockFileSchema, stylesOfRows, type StockProblem } from '../../api/stock-exchange';
import { MOST_PROBLEMS } from '../../api/problem-list';
import type { StockReport } from '../../api/answers';
import { checkStyle, type LastBody, type MakerBody, type StyleBody } from '../../api/stock-schema';
import { invalid, Problem } from '../problems';
import { bodyOf, lastBodyOf } from './stock-bodies';

/** Reading a file or a paste against the stockroom, without a database: a worker does it beside other requests. */
/** What a file would write. */
export interface Plan {
  makers: MakerBody[];
  lasts: LastBody[];
  styles: StyleBody[];
  /** Counts that are named, by style; those that are not stay. */
  counts: Map<string, Record<string, number>>;
  problems: StockProblem[];
}
export type StockImport = { kind: (typeof IMPORT_KINDS)[number]; text: string; style?: string; dryRun: boolean };
interface Shop {
  makers: Map<string, MakerBody>;
  lasts: Map<string, LastBody>;
  styles: Map<string, Style>;
}

const NAMES_SHOWN = 12;
const emptyPlan = (): Plan => ({ makers: [], lasts: [], styles: [], counts: new Map(), problems: [] });

/**
 * What a file would write, held against what is there.
 * @throws Problem 400 for text that is no such file, 422 for a run without its style
 */
export function planStock(
  body: StockImport,
  { makers, lasts, styles }: { makers: readonly MakerBody[]; lasts: readonly LastBody[]; styles: readonly Style[] }
): { report: StockReport; write: Plan } {
  const shop: Shop = {
    makers: new Map(makers.map((m) => [m.id, m])),
    lasts: new Map(lasts.map((l) => [l.id, lastBodyOf(l)])),
    styles: new Map(styles.map((s) => [s.id, s]))
  };
  const plan = planOf(body, shop);
  checkTogether(plan, shop);
  return compared(plan, shop, body.dryRun);
}

function planOf({ kind, text, style }: StockImport, shop: Shop): Plan {
  if (kind === 'json') return jsonPlan(text, shop);
  const plan = emptyPlan();
  if (kind === 'run') {
    const of = shop.styles.get(style ?? '');
    if (!of) throw invalid([{ path: 'style', message: `choose the style the run belongs to; there is no “${style ?? ''}”` }]);
    const read = countsOfPaste(of, readCells(text));
    plan.problems = read.problems;
    plan.counts.set(of.id, read.counts);
    return plan;
  }
  const { fields, rows } = readCsv(text);
  if (kind === 'lasts') Object.assign(plan, lastsOfRows(fields, rows, shop.lasts));
  else if (kind === 'styles') Object.assign(plan, stylesOfRows(fields, rows, new Map([...shop.styles].map(([id, s]) => [id, bodyOf(s)]))));
  else {
    const read = countsOfRows(fields, rows, shop.styles);
    plan.problems = read.problems;
    plan.counts = read.counts;
  }
  return plan;
}

/** A file of everything says what is on a shelf and what is not: what it leaves out is gone. */
const shelfAfter = (style: StyleBody, now: Readonly<Record<string, number>>): Record<string, number> => ({
  ...Object.fromEntries(Object.keys(now).map((key) => [key, 0])),
  ...style.stock
});

function jsonPlan(text: string, shop: Shop): Plan {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    throw new Problem(400, 'Not JSON', 'The file does not parse as JSON.');
  }
  const parsed = stockFileSchema.safeParse(withHeelsRenewed(value));
  if (parsed.success) {
    const { makers, lasts, styles } = parsed.data;
    return { ...emptyPlan(), makers, lasts, styles, counts: new Map(styles.map((s) => [s.id, shelfAfter(s, shop.styles.get(s.id)?.stock ?? {})])) };
  }
  return {
    ...emptyPlan(),
    problems: parsed.error.issues.slice(0, MOST_PROBLEMS).map((issue) => {
      const [list, at, ...rest] = issue.path;
      const row = (value as Record<string, { id?: unknown; name?: unknown }[]>)?.[list as string]?.[at as number];
      return {
        where: at === undefined ? String(list ?? 'file') : `${String(list)} ${Number(at) + 1} (${String(row?.name ?? row?.id ?? '?')})`,
        message: `${rest.join('.')}: ${issue.message}`
      };
    })
  };
}

/** Lasts need their makers, styles their lasts; and ids stand once. */
function checkTogether(plan: Plan, shop: Shop): void {
  const makers = new Map([...shop.makers, ...plan.makers.map((m) => [m.id, m] as const)]);
  const lasts = new Map([...shop.lasts, ...plan.lasts.map((l) => [l.id, l] as const)]);
  for (const [list, rows] of [
    ['makers', plan.makers],
    ['lasts', plan.lasts],
    ['styles', plan.styles]
  ] as const) {
    const seen = new Set<string>();
    for (const { id, name } of rows) {
      if (seen.has(id)) plan.problems.push({ where: `${list} (${name})`, message: `the id “${id}” stands twice` });
      seen.add(id);
    }
  }
  for (const last of plan.lasts) {
    const maker = makers.get(last.maker);
    if (!maker) plan.problems.push({ where: `lasts (${last.name})`, message: `maker: there is no maker “${last.maker}”` });
    else if (!maker.letters.includes(last.base.width))
      plan.problems.push({
        where: `lasts (${last.name})`,
        message: `base.width: ${last.base.width} is none of the maker’s widths: ${maker.letters.join(', ')}`
      });
  }
  for (const style of plan.styles) {
    const last = lasts.get(style.last);
    for (const p of checkStyle(style, last, makers.get(last?.maker ?? '')?.letters ?? []))
      plan.problems.push({ where: `styles (${style.name})`, message: `${p.path}: ${p.message}` });
  }
}

/** A last or style without what is undefined or empty by default, so that two that say the same are the same. */
const bare = (value: unknown): unknown => JSON.parse(JSON.stringify(value));
/** A style's own facts; what is on its shelf is compared by itself. */
const facts = ({ stock: _stock, ...rest }: StyleBody): unknown => bare(rest);

function compared(plan: Plan, shop: Shop, dryRun: boolean): { report: StockReport; write: Plan } {
  const write = emptyPlan();
  const report: StockReport = {
    dryRun,
    added: { makers: 0, lasts: 0, styles: 0 },
    changed: { makers: 0, lasts: 0, styles: 0, counts: 0 },
    same: 0,
    problems: plan.problems.slice(0, MOST_PROBLEMS),
    stopped: plan.problems.length >= MOST_PROBLEMS,
    names: []
  };
  const weigh = <T extends { id: string; name: string }>(
    list: 'makers' | 'lasts' | 'styles',
    rows: readonly T[],
    was: (id: string) => unknown,
    as: (row: T) => unknown
  ): T[] =>
    rows.filter((row) => {
      const before = was(row.id);
      if (before !== undefined && isDeepStrictEqual(before, as(row))) {
        report.same++;
        return false;
      }
      report[before === undefined ? 'added' : 'changed'][list]++;
      if (report.names.length < NAMES_SHOWN) report.names.push(row.name);
      return true;
    });
  const old = <T>(value: T | undefined, as: (v: T) => unknown): unknown => (value === undefined ? undefined : as(value));
  write.makers = weigh('makers', plan.makers, (id) => old(shop.makers.get(id), bare), bare);
  write.lasts = weigh('lasts', plan.lasts, (id) => old(shop.lasts.get(id), bare), bare);
  const styles = plan.styles.map((s) => ({ ...s, details: { ...detailsKept(shop, s.id), ...s.details } }));
  write.styles = weigh('styles', styles, (id) => old(shop.styles.get(id), (s) => facts(bodyOf(s))), facts);
  for (const [id, counts] of plan.counts) {
    const before = shop.styles.get(id)?.stock ?? {};
    const moved = Object.entries(counts).filter(([key, count]) => (before[key] ?? 0) !== count);
    if (moved.length === 0) continue;
    report.changed.counts += moved.length;
    write.counts.set(id, Object.fromEntries(moved));
    const name = shop.styles.get(id)?.name;
    if (name && report.names.length < NAMES_SHOWN && !report.names.includes(name)) report.names.push(name);
  }
  if (plan.styles.length === 0) report.same += plan.counts.size - write.counts.size;
  return { report, write };
}

/** Blank details, or those a known style has: a file that leaves some out does not change them. */
const detailsKept = (shop: Shop, id: string): StyleBody['details'] => {
  const style = shop.styles.get(id);
  return style ? bodyOf(style).details : BLANK_DETAILS;
};
