import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { because, character, feelOfZone, inSizes, findingsOf, reasonFor, sentence, tightness, type SpokenFoot } from '../src/fit/words';
import { checkFit, completeShoe, fitOnce, footAsWorn, ORDINARY_WEAR, targetsFor, ZONE_AT, type ZoneId } from '../src/fit';
import { zonesOf, type Verdict } from '../src/fit/judge';
import { completeFoot } from '../src/measure';
import { fittedLow } from './arbitrary';

const shoe = completeShoe({ kind: 'oxford', insoleLengthMm: 280, toeShape: 'round' });
const targets = targetsFor(shoe, ORDINARY_WEAR);
/** A foot that sits right everywhere but where told, mm. */
function spoken(off: Partial<Record<ZoneId, number>>, side: 'left' | 'right' = 'left', toe = 1): SpokenFoot {
  const zone = new Float64Array(zonesOf(targets).count);
  for (const { id, at } of zonesOf(targets).inOrder) zone[at] = off[id] ?? (id === 'heel-slip' ? 1 : (targets[id]!.b + targets[id]!.c) / 2);
  return { side, zone, targets, toe, decidedBy: 'toe-room' };
}

describe('words for a zone', () => {
  const t = targets['toe-room'];
  it.each([
    [t.a - 1, /short at the second toe \(4 mm\)/],
    [t.b - 1, /close at the second toe, 1 mm less than usual/],
    [(t.b + t.c) / 2, /toes right, 10 mm in front/],
    [t.c + 2, /long by 2 mm/],
    [t.d + 4, /size long \(9 mm\)/]
  ])('toe room of %f mm', (mm, words) => expect(feelOfZone('toe-room', spoken({ 'toe-room': mm }))).toMatch(words));
  it.each([
    ['ball-girth', -14, /ball girth too tight by 2 mm/],
    ['ball-girth', -9, /ball girth snug/],
    ['ball-girth', -4, /ball girth right/],
    ['ball-girth', 4, /ball girth roomy, 4 mm to spare/],
    ['ball-girth', 11, /ball girth too loose by 3 mm/],
    ['heel-slip', 1, /heel held/],
    ['heel-slip', 6, /heel lifts 6 mm$/],
    ['heel-slip', 11, /heel lifts 11 mm, too much/]
  ] as const)('%s of %f mm', (id, mm, words) => expect(feelOfZone(id, spoken({ [id]: mm }))).toMatch(words));
  it('lengths are told in sizes as a fitter says them', () => {
    expect([1, 3, 4, 8, 13].map(inSizes)).toEqual(['1 mm', 'a third of a size', 'half a size', 'a size', '1.5 sizes']);
  });
});

/** The sentence of some feet, of which one zone decides. */
const say = (verdict: Verdict, feet: SpokenFoot[], helps: string[] | null, zone: ZoneId, side: 'left' | 'right' = 'left') =>
  sentence(verdict, reasonFor(verdict, feet, { side, zone }), helps);

describe('one sentence', () => {
  it('puts what is outside first, then what is furthest off', () => {
    const off = findingsOf(spoken({ 'ball-girth': 4, instep: 20, 'heel-width': 5 }));
    expect(off[0]).toMatchObject({ zone: 'instep' });
    expect(off[0].outsideMm).toBeGreaterThan(0);
    expect(off.map((o) => o.zone)).toEqual(['instep', 'ball-girth', 'heel-width']);
  });
  it('says the same of both feet once, and names the side of what is one foot’s', () => {
    const both = say('does-not-fit', [spoken({ 'ball-girth': -14 }), spoken({ 'ball-girth': -14, instep: -12 }, 'right')], null, 'instep', 'right');
    expect(both).toMatch(/^Does not fit: /);
    expect(both).toContain('ball girth too tight by 2 mm, both feet');
    expect(both).toContain('instep too tight by 4 mm, right foot');
  });
  it('names the help that makes it fit, and has nothing to say of what is right', () => {
    expect(say('fits-with-help', [spoken({ instep: 20 })], ['tongue pad, 3 mm'], 'instep')).toMatch(/^Would fit with tongue pad, 3 mm: instep too loose/);
    expect(say('fits', [spoken({})], [], 'toe-room')).toBe('Fits: right in every zone that decides.');
  });
  it('begins with the zone that decides, also where that zone itself is right', () => {
    const feet = [spoken({ 'ball-girth': 4, 'toe-room': targets['toe-room'].c + 2 })];
    expect(say('fits', feet, [], 'ball-girth')).toMatch(/^Fits: ball girth roomy, 4 mm to spare; long by 2 mm/);
    expect(say('fits', feet, [], 'toe-room')).toMatch(/^Fits: long by 2 mm; ball girth roomy/);
    expect(say('fits', feet, [], 'instep')).toMatch(/^Fits: instep right, nearest to its limit; /);
  });
  it('tells nothing under half a millimetre as a finding', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 3, noNaN: true }), (mm) => {
        const roomy = spoken({ 'ball-girth': targets['ball-girth'].c + mm });
        expect(findingsOf(roomy).length).toBe(mm >= 0.5 ? 1 : 0);
        expect(feelOfZone('ball-girth', roomy)).toMatch(mm >= 0.5 ? /roomy/ : /right$/);
      })
    );
    expect(feelOfZone('ball-girth', spoken({ 'ball-girth': targets['ball-girth'].a - 0.2 }))).toBe('ball girth just too tight');
  });
  it('snug, regular and generous follow the mean of the zones', () => {
    const all = (mm: number) => tightness([spoken({ 'ball-girth': mm, instep: mm, 'ball-width': mm, 'heel-width': mm })]);
    expect(all(-6)).toBeLessThan(all(0));
    expect([character(-0.5), character(0), character(0.5)]).toEqual(['snug', 'regular', 'generous']);
  });
});

describe('the sum behind a clearance adds up to it', () => {
  /** `a - b = c; sock x; insert y`: c less all that follows. */
  function total(sum: string): number {
    const [, rest] = sum.split(' = ');
    const parts = rest.split(';').map((part) => Number(/(-?\d+(\.\d+)?)(?!.*\d)/.exec(part)?.[1] ?? 0));
    return parts.slice(1).reduce((left, part) => left - part, parts[0]);
  }
  it.each(['toe-room', 'ball-girth', 'instep', 'waist', 'ball-width'] as const)('%s, for any foot, sock, insert and hour', (id) => {
    fc.assert(
      fc.property(fittedLow, fc.boolean(), ({ input, shoe: any, wear }, evening) => {
        const dressed = { ...wear, ...(evening ? { measuredAt: '09:00', wornAt: 'evening' } : {}) };
        // The upper's give stands in the outline, not in the sum of widths.
        const plain = { ...any, upper: 'smooth-leather' as const };
        const foot = footAsWorn(completeFoot(input), dressed);
        const c = fitOnce(foot.dims, plain, dressed);
        // Each part is written to a tenth.
        expect(Math.abs(total(because(id, foot, plain, dressed, c).sentence) - c.zone[ZONE_AT[id]])).toBeLessThanOrEqual(0.36);
      }),
      { numRuns: 80 }
    );
  });
  it('names the toe that touches first, the toe shape, and the word of the hour', () => {
    const wear = { ...ORDINARY_WEAR, measuredAt: '08:00', wornAt: 'evening' };
    const foot = footAsWorn(completeFoot({ side: 'left', values: { lengthMm: { mm: 250 } } }), wear);
    const pump = completeShoe({ kind: 'pump', insoleLengthMm: 268, toeShape: 'pointed', heelHeightMm: 20 });
    const sum = because('toe-room', foot, pump, wear, fitOnce(foot.dims, pump, wear)).sentence;
    expect(sum).toMatch(/^268 - 250 = 18; pointed tip that holds no toes \d/);
    expect(sum).toMatch(/evening 0\.5/);
    expect(sum).toMatch(/the (big|second|third|fourth|little) toe touches first/);
  });
  it('every zone of an opened shoe has its words and its sum', () => {
    const foot = footAsWorn(
      completeFoot({ side: 'right', values: { lengthMm: { mm: 262 }, ankleGirthMm: { mm: 230 }, calfGirthMm: { mm: 370 } } }),
      ORDINARY_WEAR
    );
    const boot = completeShoe({ kind: 'western-boot', insoleLengthMm: 292, toplineGirthMm: 250, shaftGirthMm: 390 });
    const { zones } = checkFit([foot], boot, ORDINARY_WEAR).feet[0];
    expect(zones.map((z) => z.zone)).toEqual(expect.arrayContaining(['throat', 'topline', 'shaft']));
    for (const z of zones) expect(z.feel.length * z.because.sentence.length).toBeGreaterThan(0);
  });
});
