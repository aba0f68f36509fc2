import { beforeEach, describe, expect, it, vi } from 'vitest';
import { byRank, rankAll, type Candidate } from '@chiave/core/fit';
import { PUBLISHED } from '@chiave/core/size';
import { LASTS } from '../../demo/design';
import { allStyles, lastOf } from '../../demo/lasts';
import { emptySide, type TakenValue } from '../src/lib/api/foot-schema';
import type { FittingRow } from '../src/lib/api/rows';
import { comparables } from '../src/lib/compare-shoes';
import { wearOf, wornFeetOf } from '../src/lib/fit-feet';
import { briefOf } from '../src/lib/style-brief';
import { judgeVisit } from '../src/lib/ui/measure/judged-visit';
import { HOLDS, Wanted } from '../src/lib/ui/pull/wanted.svelte';
import { ChainAsked } from '../src/lib/ui/sizes/chain-asked.svelte';
import { RuleAsked } from '../src/lib/ui/sizes/rule-bench.svelte';
import { LastBench } from '../src/lib/ui/stock/last-bench.svelte';

const styles = allStyles();
const briefs = styles.map(briefOf);
const value = (mm: number): TakenValue => ({ mm, typed: '', how: 'tape', at: null, by: '', under: 'standing', sockMm: 0, readings: [] });
const foot = (values: Record<string, number>) => ({ ...emptySide(), values: Object.fromEntries(Object.entries(values).map(([id, mm]) => [id, value(mm)])) });
const fitting = (more: Partial<FittingRow> = {}): FittingRow =>
  ({
    openedAt: new Date().toISOString(),
    sockMm: 0.3,
    insertMm: 0,
    preference: 'regular',
    kinds: [],
    population: 'general',
    measuredLoad: 'standing',
    measuredSockMm: 0,
    weightKg: null,
    feetWeightKg: null,
    stateOff: [],
    outlines: { left: null, right: null },
    breakIn: 'now',
    roomSchool: 'middle',
    betweenSchool: 'middle',
    shopTargets: null,
    shopPulls: [],
    feet: { left: foot({ lengthMm: 241, ballGirthMm: 222 }), right: foot({ lengthMm: 242, ballGirthMm: 223 }) },
    customer: { born: 1984, fitsAs: 'women', flags: [] },
    ...more
  }) as FittingRow;
const best = (f: FittingRow): Candidate => rankAll(styles.slice(0, 60), wornFeetOf(f), wearOf(f)).candidates.sort(byRank)[0];

describe('what Pull looks for', () => {
  it('is made for the person, of the kinds chosen, and says of every other style why it is not', () => {
    const f = fitting({ kinds: ['pump'] });
    const wanted = new Wanted(
      () => f,
      () => briefs
    );
    expect(wanted.styles.length).toBeGreaterThan(5);
    for (const s of briefs) expect(wanted.styles.includes(s)).toBe(s.kind === 'pump' && ['women', 'unisex'].includes(s.forWhom));
    expect(wanted.whyLeftOut(briefs.find((s) => s.kind === 'oxford')!)).toMatch(/of the kind “.*”, which is not among those chosen/);
    wanted.forWhom = 'all';
    for (const s of wanted.styles) expect(s.kind).toBe('pump');
  });
  it('of a child is children’s shoes', () => {
    const f = fitting({ customer: { ...fitting().customer, born: new Date().getFullYear() - 8 } });
    const wanted = new Wanted(
      () => f,
      () => briefs
    );
    expect(wanted.child).toBe(true);
    for (const s of wanted.styles) expect(['children', 'unisex']).toContain(s.forWhom);
  });
  it('held to a candidate is alike in that alone, and let go is as before', () => {
    const f = fitting();
    const wanted = new Wanted(
      () => f,
      () => briefs
    );
    const to = best(f);
    const free = wanted.styles.length;
    for (const { id } of HOLDS) {
      wanted.holdEqual(id, to);
      expect(wanted.styles.map((s) => s.id)).toContain(to.styleId);
      expect(wanted.styles.length).toBeLessThan(free);
      expect(wanted.heldWords('mm').length).toBeGreaterThan(3);
      expect(wanted.heldSize).toBe(id === 'size' ? to.sizeNumber : null);
    }
    wanted.holdEqual('maker', to);
    for (const s of wanted.styles) expect(s.maker).toBe(to.maker);
    wanted.holdEqual(null, to);
    expect(wanted.styles).toHaveLength(free);
    // With nothing to hold to, nothing is held.
    wanted.holdEqual('last', null);
    expect([wanted.hold, wanted.heldTo]).toEqual([null, null]);
  });
});

describe('the rule as it is asked', () => {
  const asked = (query: string) => new RuleAsked(() => ({ book: PUBLISHED, unit: 'mm' }), new URLSearchParams(query), ['us-w', 'eu', 'gone']);
  it('begins at the feet that were brought along, or at what is typed', () => {
    expect(asked('left=244&right=246').marks.map((m) => [m.letter, m.mm])).toEqual([
      ['L', 244],
      ['R', 246]
    ]);
    const typed = asked('q=eu 39');
    expect(typed.now.letter).toBe('S');
    expect(typed.readings.readings.some((r) => r.scale === 'eu')).toBe(true);
    expect(typed.view.fromMm).toBeLessThan(typed.now.mm);
    expect(asked('left=9999').left).toBeNull();
    expect(asked('').scales.map((s) => s.id)).toEqual(['us-w', 'eu']);
  });
  it('a text of several meanings moves nothing until one is chosen; a moved mark says nothing of the label any more', () => {
    const rule = asked('');
    const at = rule.typedMm;
    rule.type('9');
    expect(rule.answer.meanings.length).toBeGreaterThan(1);
    expect([rule.meaning, rule.typedMm]).toEqual([null, at]);
    rule.choose(rule.answer.meanings[0]);
    expect(rule.typedMm).toBe(rule.answer.meanings[0].footMm);
    rule.move('typed', 5000);
    expect(rule.typedMm).toBeLessThan(400);
    expect(rule.chosen).toBeNull();
  });
});

describe('a chain of sums as it is asked', () => {
  const asked = () => new ChainAsked(() => ({ styles, habits: [], book: PUBLISHED, unit: 'mm' }));
  it('ends in the scale chosen; in a shoe of the stockroom it ends in that one’s and counts what is known of its last', () => {
    const chain = asked();
    expect(chain.end!.lines.map((l) => l.id)).toContain('scale');
    expect([chain.target.id, chain.habit]).toEqual(['eu', null]);
    const style = styles.find((s) => s.scale === 'uk')!;
    chain.styleId = style.id;
    expect(chain.target.id).toBe('uk');
    expect(chain.habit!.weights).toHaveLength(1);
    expect(chain.card!.title).toContain(style.name);
    // The plus-sizes of the trade do not come on top of a known inside.
    expect(chain.end!.lines.some((l) => l.id === 'purpose')).toBe(false);
  });
  it('a line that is switched off counts no more, and what cannot be read ends in nothing', () => {
    const chain = asked();
    chain.sockId = 'boot';
    const sock = chain.end!.lines.find((l) => l.id === 'sock')!;
    const with_ = chain.end!.footMm;
    chain.toggle('sock');
    expect(chain.end!.footMm).toBeCloseTo(with_ - sock.mm, 6);
    chain.type('a hat');
    expect([chain.end, chain.card]).toEqual([null, null]);
  });
});

describe('the last bench', () => {
  const all = comparables(LASTS.map(lastOf), styles, []);
  const bench = (asked: string[] = []) =>
    new LastBench(
      () => all,
      () => 'mm',
      asked
    );
  beforeEach(() => vi.useRealTimers());
  it('begins with two lasts made for feet alike, or with those asked for', () => {
    const [a, b] = bench().chosen.map(({ c }) => c!.last.base.forFootMm);
    expect(Math.abs(a - b)).toBeLessThan(4);
    const style = `style:${styles[7].id}`;
    expect(bench([style]).slots[0].key).toBe(style);
  });
  it('lays them at the same foot, at the same number or at sizes of their own, and names the size it cannot read', () => {
    const b = bench();
    b.footText = '250';
    expect(b.laid.shoes.map((s) => Math.round(s.inside.madeForFootMm))).toEqual([250, 250]);
    b.footText = 'long';
    expect(b.typedFoot!.ok).toBe(false);
    b.by = 'sizes';
    b.slots[1].size = 'large';
    expect(b.laid.problem).toMatch(/write its size as a number/);
    b.by = 'label';
    expect(b.laid.shoes).toHaveLength(2);
    expect(b.against).toHaveLength(1);
  });
  it('slid to one end shows one alone', () => {
    const b = bench();
    b.slide = 0;
    expect(b.strengths).toEqual([1, 0]);
    b.slide = 1;
    expect(b.strengths).toEqual([0, 1]);
  });
});

describe('a visit judged as a whole', () => {
  it('asks about what the others speak against, about feet unlike each other, and about feet exchanged since last time', () => {
    const sound = fitting();
    expect(judgeVisit(sound, null)).toMatchObject({ slips: [], between: [], exchanged: null });
    const slipped = fitting({
      feet: { left: foot({ lengthMm: 241, ballWidthMm: 90, ballGirthMm: 222, instepGirthMm: 150 }), right: sound.feet.right }
    });
    expect(judgeVisit(slipped, null).slips.map((s) => [s.side, s.id])).toEqual([['left', 'instepGirthMm']]);
    const unlike = fitting({ feet: { left: foot({ lengthMm: 238 }), right: foot({ lengthMm: 252 }) } });
    expect(judgeVisit(unlike, null).between).toHaveLength(1);
    const before = { feet: { left: foot({ lengthMm: 246, ballGirthMm: 228 }), right: foot({ lengthMm: 238, ballGirthMm: 219 }) } };
    const now = fitting({ feet: { left: before.feet.right, right: before.feet.left } });
    expect(judgeVisit(now, before).exchanged?.asked).toBe(true);
  });
});
