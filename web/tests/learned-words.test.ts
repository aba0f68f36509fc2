import { describe, expect, it } from 'vitest';
import type { Style } from '@chiave/core/fit';
import { changeWords, groundsWords, learnedHead, standsWords } from '../src/lib/learned-words';
import { readVisits } from '../src/lib/learn-visits';
import { checkWords, dueWords } from '../src/lib/post-words';
import { allStyles } from '../../demo/lasts';
import type { FittingRow, TryRow } from '../src/lib/api/rows';

describe('what was learned, in words', () => {
  const mm = (n: number): string => String(Math.round(10 * n) / 10);
  it('says how a last stands off its sheet, from whom, and what would change', () => {
    expect(standsWords({ channel: 'length', net: { mm: -1.8, sdMm: 0.6 } }, mm)).toBe('1.8 shorter than its sheet, give or take 0.6');
    expect(standsWords({ channel: 'girth', net: { mm: 2, sdMm: 1 } }, mm)).toBe('2 fuller round the ball than its sheet, give or take 1');
    expect(groundsWords({ people: 14, fitters: 1, words: 31, sheetShare: 0.33 })).toBe('14 people, one fitter, 31 words; the sheet has 33 of 100 of the say');
    const grade = { lengthPerSizeMm: 8.47, girthPerWidthMm: 6 };
    expect(changeWords('length', -4.2, grade, 1)).toBe('people would be told about 0.5 of a size more in its style');
    expect(changeWords('girth', 3, grade, 4)).toBe('people would be told about 0.5 of a width less in its 4 styles');
    expect(learnedHead(0, 0)).toMatch(/^Nothing that people said/);
    expect(learnedHead(1, 1)).toBe('One last stands off its sheet; the targets of one kind could move.');
  });
});

describe('parcels, in words', () => {
  it('tells where a parcel stands against its last day, and one that was never sent back', () => {
    expect(dueWords(null, '2026-11-28')).toBe('no last day was noted');
    expect(dueWords('2026-11-28', '2026-11-28')).toBe('today is the last day to send back');
    expect(dueWords('2026-11-29', '2026-11-28')).toBe('goes back tomorrow at the latest');
    expect(dueWords('2026-12-05', '2026-11-28')).toBe('7 days left to send back');
    expect(dueWords('2026-11-25', '2026-11-28')).toMatch(/^3 days past the last day to send back: ask the maker/);
  });
  it('asks at home for what takes time and for what may be felt', () => {
    const loafer = allStyles().find((s) => s.kind === 'loafer')!;
    const words = checkWords([loafer, loafer], ['ball girth snug', 'ball girth snug'], []);
    expect(words).toContain('narrow toes, some hours');
    expect(words.match(/ball girth snug/g)).toHaveLength(1);
    expect(words).toMatch(/^On carpet only.*What hurts, goes back\.$/);
  });
});

describe('which visits teach', () => {
  const style = allStyles().find((s) => s.kind === 'oxford')!;
  const value = (mm: number) => ({ mm, typed: '', how: 'tape' as const, at: null, by: 'Ada', under: 'standing' as const, sockMm: 0, readings: [] });
  const side = () => ({ values: { lengthMm: value(262), ballGirthMm: value(245) }, toeShape: null, archType: null, bunionMm: null, hammerToeMm: null, hammerToe: null, ankleReachDeg: null, posture: null, print: null }); // prettier-ignore
  const tried = (own: Partial<TryRow> = {}) =>
    ({
      id: 1, fittingId: 1, styleId: style.id, size: String(style.from + 2), width: style.widths[0], put: {}, felt: { left: { 'toe-room': 'snug' }, right: {} }, outcome: 'left', why: '', verdict: 'fits', probability: 0.5,
      said: '', engine: '1', worn: null, chair: { steps: {}, timers: [] }, reason: null, told: null, triedWith: null, excluded: null, postId: null, version: 0, createdAt: '', ...own
    }) as TryRow; // prettier-ignore
  const visit = (tries: TryRow[], flags: FittingRow['customer']['flags'] = []) =>
    ({
      id: 1, openedAt: '2025-01-02T10:00:00Z', updatedAt: '', purpose: '', kinds: [], sockMm: 0, insertMm: 0, preference: 'regular', ground: '', measuredAt: '', wornAt: '', breakIn: 'now', roomSchool: 'middle', betweenSchool: 'middle',
      shopTargets: { kinds: { oxford: { 'toe-room': { a: 0, b: 1, c: 2, d: 3 } } }, shared: {} }, shopInstruments: [], shopPulls: [], population: 'general', wearingNow: '', trouble: '', looked: {}, note: '', feet: { left: side(), right: side() }, tries,
      version: 0, feetVersion: 0, measuredLoad: 'standing', measuredSockMm: 0, measuredWarm: false, wornWarm: false, weightKg: null, feetWeightKg: null, stateOff: [], outlines: { left: null, right: null }, bouts: [], use: { uses: [], answers: {}, schools: {}, looks: {} },
      customer: { id: 9, name: '', born: 1980, bornMonth: null, work: '', story: null, fitsAs: 'men', flags, version: 0, consentAt: null, consentNote: '', erasedAt: null, consents: { fitting: null, health: null, photos: null, reminders: null }, guardian: '', withheld: false }
    }) as FittingRow; // prettier-ignore
  const read = (v: FittingRow, of: (id: string) => Style | undefined = (id) => (id === style.id ? style : undefined)) => readVisits([v], of, '2');
  it('reads words at the feet of that day, against our own targets, by who noted them', () => {
    const { visits, pairs } = read(visit([tried()]));
    expect(pairs).toBe(1);
    expect(visits).toMatchObject([{ person: '9', fitter: 'Ada', day: '2025-01-02', words: [{ last: style.last.id, zone: 'toe-room', channel: 'length' }] }]);
    // The shop's own cuts are not what words are held against.
    expect([visits[0].words[0].low, visits[0].words[0].high]).not.toEqual([0, 1]);
  });
  it('leaves out what was taken out, numb feet, pairs with something put in and styles that are gone, and counts them', () => {
    expect(read(visit([tried({ excluded: { by: 'A', at: '', why: 'box' } })])).leftOut.excluded).toBe(1);
    expect(read(visit([tried()], ['numb']))).toMatchObject({ visits: [], leftOut: { numb: 1 } });
    expect(read(visit([tried({ put: { left: [{ kind: 'heel-grip', mm: 2 }] } })]))).toMatchObject({ visits: [], leftOut: { helps: 1 } });
    expect(read(visit([tried()]), () => undefined)).toMatchObject({ visits: [], leftOut: { gone: 1 } });
  });
  it('says how far an older engine expected otherwise', () => {
    const told = { left: { 'toe-room': { mm: 99, sdMm: 1, chance: 0.5 } } };
    expect(read(visit([tried({ told })])).other).toMatchObject({ pairs: 1, zones: 1 });
    expect(read(visit([tried({ told, engine: '2' })])).other.pairs).toBe(0);
  });
});
