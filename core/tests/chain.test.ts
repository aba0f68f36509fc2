import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addChain, EVIDENCE_KINDS, HABIT_PRIOR_SD, makingsOf, PURPOSES, reportsFor, reservationWords, weighHabit, type ChainInput } from '../src/size';

const base: ChainInput = {
  from: { kind: 'label', scale: 'us-w', size: 7.5, school: 'label' },
  to: { scale: 'eu', step: 1, rounding: 'nearest' },
  habit: null,
  purpose: null,
  sockMm: 0,
  insertMm: 0,
  preference: 'regular',
  off: []
};

describe('the chain of sums', () => {
  it('every line that is on adds up to the end, in millimetres and in sizes', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -1.5, max: 1.5, noNaN: true }),
        fc.double({ min: 0, max: 4, noNaN: true }),
        fc.constantFrom('snug' as const, 'regular' as const, 'generous' as const),
        fc.subarray(['habit', 'purpose', 'sock', 'preference'] as const),
        (sizes, sockMm, preference, off) => {
          const end = addChain({
            ...base,
            habit: { sizes, sdSizes: 0.2, source: 'measured' },
            purpose: { name: 'running', sizes: 0.5 },
            sockMm,
            preference,
            off
          });
          const on = end.lines.filter((l) => l.on);
          expect(on.reduce((sum, l) => sum + l.mm, 0)).toBeCloseTo(end.footMm, 9);
          expect(on.reduce((sum, l) => sum + l.sizes, 0)).toBeCloseTo(end.exact, 9);
          for (const line of end.lines) expect(line.on).toBe(!(off as readonly string[]).includes(line.id));
        }
      )
    );
  });
  it("a women's 7.5 label is about a continental 38, and half a size either way is told in millimetres (common practice, no source)", () => {
    const end = addChain(base);
    expect(Math.abs(end.exact - 38)).toBeLessThanOrEqual(0.75);
    expect(end.neighbours[0].roomMm).toBeLessThan(end.neighbours[1].roomMm);
    expect(end.neighbours[1].roomMm - end.neighbours[0].roomMm).toBeCloseTo((2 * 20) / 3, 6);
  });
  it('a last that runs long asks for a smaller label, one that runs short for a larger', () => {
    const at = (sizes: number) => addChain({ ...base, habit: { sizes, sdSizes: 0.15, source: 'x' } }).exact;
    expect(at(1)).toBeCloseTo(at(0) - 1, 9);
    expect(at(-0.5)).toBeCloseTo(at(0) + 0.5, 9);
  });
  it('a better known last and foot make the label likelier, and it is never certain', () => {
    const likely = (sd: number, habitSd: number) =>
      addChain({ ...base, from: { kind: 'foot', lengthMm: 236.4, sdMm: sd }, habit: { sizes: 0, sdSizes: habitSd, source: 'x' } }).likely;
    expect(likely(1, 0.1)).toBeGreaterThan(likely(4, 0.5));
    expect(likely(1, 0.1)).toBeLessThan(1);
  });
  it('rounds as the purpose asks: boots up, sandals down, and says what is left over', () => {
    const from = { kind: 'foot' as const, lengthMm: 238, sdMm: 1 };
    const label = (id: string) => addChain({ ...base, from, to: { scale: 'eu', step: 1, rounding: PURPOSES.find((p) => p.id === id)!.rounding } });
    expect(label('closed-boot').size).toBe(label('sandal').size + 1);
    expect(label('sandal').remainderMm).toBeGreaterThanOrEqual(0);
    expect(label('closed-boot').remainderMm).toBeLessThanOrEqual(0);
  });
  it('says what it does not know', () => {
    expect(addChain(base).reservations.map(reservationWords).join(' ')).toMatch(
      /Nothing is known of how this last runs.*From a label alone.*good to about one size.*try it on/
    );
    expect(addChain({ ...base, from: { kind: 'foot', lengthMm: 400, sdMm: 1 } }).reservations.map(reservationWords)[0]).toMatch(/made from 15 to 52/);
  });
});

describe('a maker’s habit', () => {
  it('a measurement outweighs belief, and each share is told', () => {
    const { weights, priorShare, offsetSizes } = weighHabit([
      { evidence: 'measured', offsetSizes: 0.5, note: '' },
      { evidence: 'hearsay', offsetSizes: -0.5, note: '' }
    ]);
    expect(weights[0].share).toBeGreaterThan(10 * weights[1].share);
    expect(weights[0].share + weights[1].share + priorShare).toBeCloseTo(1, 9);
    expect(offsetSizes).toBeGreaterThan(0.3);
  });
  it('ten hearsays are one voice', () => {
    const once = weighHabit([{ evidence: 'hearsay', offsetSizes: 1, note: '' }]);
    const often = weighHabit(Array.from({ length: 10 }, () => ({ evidence: 'hearsay' as const, offsetSizes: 1, note: '' })));
    expect(often.offsetSizes).toBeCloseTo(once.offsetSizes, 9);
    expect(often.sdSizes).toBeCloseTo(once.sdSizes, 9);
  });
  it('a conflict is named, not averaged away in silence', () => {
    expect(
      weighHabit([
        { evidence: 'measured', offsetSizes: 0.5, note: '' },
        { evidence: 'chart', offsetSizes: -0.5, note: '' }
      ]).conflicts
    ).toEqual(["measured insole (+0.5) against maker's chart (−0.5)"]);
    expect(
      weighHabit([
        { evidence: 'measured', offsetSizes: 0.5, note: '' },
        { evidence: 'fitters', offsetSizes: 0.4, note: '' }
      ]).conflicts
    ).toEqual([]);
  });
  it('knows nothing without reports, and less than any kind of evidence', () => {
    expect(weighHabit([])).toMatchObject({ offsetSizes: 0, sdSizes: HABIT_PRIOR_SD, priorShare: 1 });
    for (const { id } of EVIDENCE_KINDS) expect(weighHabit([{ evidence: id, offsetSizes: 0, note: '' }]).sdSizes).toBeLessThan(HABIT_PRIOR_SD);
  });
});

describe('the makings of a last', () => {
  const reports = [
    { evidence: 'measured' as const, offsetSizes: 0.5, note: '' },
    { evidence: 'fitters' as const, offsetSizes: -0.5, note: '', variant: 'Wide' },
    { evidence: 'fitters' as const, offsetSizes: -0.25, note: '', variant: 'wide ', madeYear: 2021 },
    { evidence: 'wearers' as const, offsetSizes: 1, note: '', madeYear: 2019 }
  ];
  it('are the last as such and every variant and year reported, each once', () => {
    expect(makingsOf(reports)).toEqual([
      { variant: '', madeYear: null },
      { variant: '', madeYear: 2019 },
      { variant: 'Wide', madeYear: null },
      { variant: 'wide', madeYear: 2021 }
    ]);
    expect(makingsOf([])).toEqual([]);
  });
  it('count only the reports that speak of them: another variant or another year is another inside', () => {
    const offsets = (variant: string, madeYear: number | null) => reportsFor(reports, { variant, madeYear }).map((r) => r.offsetSizes);
    expect(offsets('', null)).toEqual([0.5]);
    expect(offsets('wide', null)).toEqual([0.5, -0.5]);
    expect(offsets('WIDE', 2021)).toEqual([0.5, -0.5, -0.25]);
    expect(offsets('', 2019)).toEqual([0.5, 1]);
    expect(offsets('quiet', 2021)).toEqual([0.5]);
  });
});
