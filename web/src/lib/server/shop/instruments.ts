import {
  agreementOf,
  biasByHand,
  CALLS_AT,
  comparisonsOf,
  correctionOf,
  driftOf,
  ownSdOf,
  repeatsOf,
  type Comparison,
  type InstrumentReading
} from '@chiave/core/agree';
import { readingSd, SIDES, WAYS } from '@chiave/core/measure';
import type { z } from 'zod';
import { TAKEN_IDS, type FeetBody } from '../../api/foot-schema';
import {
  checksSchema,
  correctionsSchema,
  type acceptSchema,
  type AgreementRow,
  type checkedSchema,
  type InstrumentCheck,
  type InstrumentCorrection,
  type instrumentReadingRow
} from '../../api/instrument-schema';
import { bySchema, database, tables, transacted, type FootMeasureModel, type Transaction } from '../db';
import { invalid, notFound, refusing } from '../problems';
import { onceAsked } from '../watch/asking';

const CORRECTIONS_NAME = 'instrument-corrections';
const CHECKS_NAME = 'instrument-checks';
const instruments = new Set(WAYS.filter((w) => w.instrument).map((w) => w.id));
/** A reading that was taken before its visit by more than this came with feet of an earlier one, ms. */
const EARLIER_MS = 12 * 3600e3;

/** What is known of a value before it is written over. */
export type NotedMeasure = Pick<FootMeasureModel, 'side' | 'field' | 'mm' | 'how' | 'takenAt' | 'under' | 'sockMm'>;
/**
 * Notes what instruments read of the feet of a visit, so that a value another one wrote over can still be held against it. A second reading by
 * the same hand with the same instrument writes over the first.
 */
export async function noteInstruments(
  { fittingId, openedAt }: { fittingId: number; openedAt: Date },
  feet: FeetBody,
  before: readonly NotedMeasure[],
  transaction: Transaction
): Promise<void> {
  const t = tables(database());
  // What was cleared was no reading.
  for (const { side, field, how } of before)
    if (!(field in feet[side].values)) await t.InstrumentReading.destroy({ where: { fittingId, side, field, how }, transaction });
  const rows = SIDES.flatMap((side) =>
    Object.entries(feet[side].values).flatMap(([field, { mm, how, at, by, under, sockMm, readings }]) => {
      if (!at || !instruments.has(how) || Date.parse(at) < openedAt.getTime() - EARLIER_MS) return [];
      const was = before.find((m) => m.side === side && m.field === field);
      const first = readings[0]?.mm ?? mm;
      const stands = was && was.mm === mm && was.how === how && was.under === under && was.sockMm === sockMm && was.takenAt?.getTime() === Date.parse(at);
      return stands ? [] : [{ fittingId, side, field, how, takenBy: by, mm: first, takenAt: new Date(at), under, sockMm }];
    })
  );
  if (rows.length > 0) await t.InstrumentReading.bulkCreate(rows, { transaction, updateOnDuplicate: ['mm', 'takenAt', 'under', 'sockMm'] });
}

/** Readings a shop has of instruments, newest last; so many at most. */
const MOST_READINGS = 40_000;
async function allReadings(): Promise<InstrumentReading[]> {
  const rows = await tables(database()).InstrumentReading.findAll({
    include: [{ association: 'fitting', attributes: ['customerId'] }],
    order: [['takenAt', 'DESC']],
    limit: MOST_READINGS
  });
  return rows.reverse().flatMap((r) => {
    const measure = TAKEN_IDS.find((id) => id === r.field);
    if (!measure || !r.fitting) return [];
    const { side, how, takenBy: by, mm, under, sockMm } = r;
    return [{ person: r.fitting.customerId, visit: r.fittingId, side, measure, how, by, mm, at: r.takenAt.toISOString(), under, sockMm }];
  });
}

/** What instruments read at some visits. */
export async function readByInstruments(fittingIds: readonly number[]): Promise<z.output<typeof instrumentReadingRow>[]> {
  const rows = await tables(database()).InstrumentReading.findAll({ where: { fittingId: [...fittingIds] }, order: [['takenAt', 'ASC']] });
  return rows.map(({ fittingId, side, field, how, takenBy, mm, takenAt }) => ({ fittingId, side, field, how, takenBy, mm, takenAt: takenAt.toISOString() }));
}

/** What the shop has accepted of its instruments. */
export const correctionsOfShop = (): Promise<InstrumentCorrection[]> =>
  onceAsked(CORRECTIONS_NAME, async () => {
    const row = await tables(database()).Setting.findByPk(CORRECTIONS_NAME);
    return row ? bySchema(row.value, correctionsSchema, []) : [];
  });

/** Deviation of one difference of two instruments, by their usual errors, mm. */
const usualSd = ({ measure, how, against }: Comparison): number => Math.hypot(readingSd(measure, how), readingSd(measure, against));
const same = (a: Pick<Comparison, 'measure' | 'how'>, b: Pick<Comparison, 'measure' | 'how'>): boolean => a.measure === b.measure && a.how === b.how;
/** Pairs that lie behind an instrument's first agreement, against which a drift is held where nothing was accepted. */
const FIRST_PAIRS = 10;

/** When instruments were checked last; what they read before counts no more. */
async function checksOfShop(): Promise<InstrumentCheck[]> {
  const row = await tables(database()).Setting.findByPk(CHECKS_NAME);
  return row ? bySchema(row.value, checksSchema, []) : [];
}
/** Notes that an instrument was checked now, or that all of its readings count again. */
export async function checkInstrument({ how, checked }: z.output<typeof checkedSchema>, by: string): Promise<InstrumentCheck[]> {
  return transacted(async (transaction) => {
    const t = tables(database());
    const row = await t.Setting.findByPk(CHECKS_NAME, { transaction, lock: transaction.LOCK.UPDATE });
    const others = (row ? bySchema(row.value, checksSchema, []) : []).filter((c) => c.how !== how);
    const checks = checked ? [...others, { how, at: new Date().toISOString(), by }] : others;
    await t.Setting.upsert({ name: CHECKS_NAME, value: checks }, { transaction });
    return checks;
  });
}

/** How the shop's instruments agree, measure by measure, those with most pairs first. */
export async function agreementsOfShop(): Promise<{ agreements: AgreementRow[]; corrections: InstrumentCorrection[]; checks: InstrumentCheck[] }> {
  const [all, corrections, checks] = await Promise.all([allReadings(), correctionsOfShop(), checksOfShop()]);
  const from = new Map<string, string>(checks.map((c) => [c.how, c.at]));
  const readings = all.filter((r) => r.at >= (from.get(r.how) ?? ''));
  const agreements = comparisonsOf(readings).flatMap((comparison): AgreementRow[] => {
    const { measure, how, against, differences } = comparison;
    const usual = usualSd(comparison);
    const agreement = agreementOf(differences, usual);
    if (!agreement || !isInstrument(how) || !isInstrument(against)) return [];
    const correction = corrections.find((c) => same(c, comparison) && c.against === against) ?? null;
    const ordered = [...differences].sort((a, b) => a.at.localeCompare(b.at));
    const since = correction ? ordered.filter((p) => p.at >= correction.from) : ordered.slice(FIRST_PAIRS);
    const first = agreementOf(ordered.slice(0, FIRST_PAIRS), usual)!;
    const drift = driftOf(since, correction ? { biasMm: correction.biasMm, sdMm: agreement.sdMm } : first);
    return [
      {
        measure,
        how,
        against,
        pairs: ordered,
        agreement: { ...agreement, limits: [...agreement.limits] },
        hands: biasByHand(differences),
        ownSdMm: ownSdOf(repeatsOf(readings, measure, how)),
        drift: {
          foundAt: drift.foundAt,
          way: drift.way,
          at: drift.foundAt === null ? null : drift.pairs[drift.foundAt].at,
          callsAt: CALLS_AT,
          sums: drift.up.map((up, i) => (up >= drift.down[i] ? up : -drift.down[i]))
        },
        correction
      }
    ];
  });
  return { agreements: agreements.sort((a, b) => b.pairs.length - a.pairs.length), corrections, checks };
}
type Instrument = AgreementRow['how'];
const isInstrument = (how: string): how is Instrument => instruments.has(how as Instrument);

/**
 * Accepts what an instrument was found to be off by, for its readings from now on; or leaves what was accepted.
 * @throws Problem 404 where the two never read the same foot, 422 where their readings say too little or are mixed up
 */
export async function acceptInstrument({ accepted, ...asked }: z.output<typeof acceptSchema>, by: string): Promise<InstrumentCorrection[]> {
  const found = accepted ? (await agreementsOfShop()).agreements.find((a) => same(a, asked) && a.against === asked.against) : undefined;
  if (accepted && !found) throw notFound(`foot that was read by both instruments`);
  if (found?.drift.way) throw invalid([{ path: 'accepted', message: 'the two have drifted apart: check both on something of known length first' }]);
  return transacted(async (transaction) => {
    const t = tables(database());
    const row = await t.Setting.findByPk(CORRECTIONS_NAME, { transaction, lock: transaction.LOCK.UPDATE });
    const others = (row ? bySchema(row.value, correctionsSchema, []) : []).filter((c) => !same(c, asked));
    const own = found
      ? refusing('accepted', () => correctionOf(found.agreement, readingSd(asked.measure, asked.how), readingSd(asked.measure, asked.against)))
      : null;
    const corrections = own ? [...others, { ...asked, ...own, from: new Date().toISOString(), by }] : others;
    await t.Setting.upsert({ name: CORRECTIONS_NAME, value: corrections }, { transaction });
    return corrections;
  });
}
