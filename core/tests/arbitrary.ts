import fc from 'fast-check';
import {
  CLOSURE_IDS,
  completeShoe,
  footAsWorn,
  KIND,
  KIND_IDS,
  zoneSetFor,
  type KindId,
  type ZoneId,
  ORDINARY_WEAR,
  UPPER_IDS,
  type Shoe,
  type ShoeInput,
  type Wear,
  type WornFoot
} from '../src/fit';
import { completeFoot, FOOT_TOE_SHAPES, type FootInput } from '../src/measure';
import { TOE_FAMILY, TOE_FAMILY_IDS, type Last } from '../src/last';

/** Random feet and shoes within the proportions people have, for property tests. */
const share = (low: number, high: number) => fc.double({ min: low, max: high, noNaN: true });

export const anyFootInput: fc.Arbitrary<FootInput> = fc
  .record({
    length: share(190, 310),
    ball: share(0.7, 0.755),
    width: share(0.33, 0.44),
    heel: share(0.21, 0.29),
    girth: share(0.8, 1.06),
    instep: share(0.95, 1.06),
    toeShape: fc.constantFrom(...FOOT_TOE_SHAPES),
    bunion: fc.oneof(fc.constant(0), share(0, 8)),
    side: fc.constantFrom('left' as const, 'right' as const)
  })
  .map(({ length, ball, width, heel, girth, instep, toeShape, bunion, side }) => ({
    side,
    values: {
      lengthMm: { mm: length },
      ballLengthMm: { mm: ball * length },
      ballWidthMm: { mm: width * length },
      heelWidthMm: { mm: heel * length },
      ballGirthMm: { mm: girth * length },
      instepGirthMm: { mm: instep * girth * length }
    },
    toeShape,
    bunionMm: bunion
  }));

export const lowWear: fc.Arbitrary<Wear> = fc.record({ sockMm: share(0, 4), insertMm: share(0, 4) }).map((w) => ({ ...ORDINARY_WEAR, ...w }));

/** A shoe about as long as the foot asks for, or a few sizes off it. */
export const shoeFor = (lengthMm: number, more: Partial<ShoeInput> = {}): fc.Arbitrary<Shoe> =>
  fc
    .record({
      kind: fc.constantFrom(...KIND_IDS.filter((k) => k !== 'pointe')),
      over: share(-8, 35),
      toeShape: fc.constantFrom(...TOE_FAMILY_IDS),
      girth: share(0.82, 1.05),
      upper: fc.constantFrom(...UPPER_IDS),
      closure: fc.constantFrom(...CLOSURE_IDS),
      heel: share(0, 110),
      stiff: share(1, 5)
    })
    .map(({ kind, over, toeShape, girth, upper, closure, heel, stiff }) =>
      completeShoe({
        kind,
        insoleLengthMm: lengthMm + over,
        toeShape,
        ballGirthMm: girth * lengthMm,
        upper,
        closure,
        heelHeightMm: heel,
        soleStiffness: stiff,
        ...more
      })
    );

export const fitted: fc.Arbitrary<{ input: FootInput; foot: WornFoot; shoe: Shoe; wear: Wear }> = fc
  .tuple(anyFootInput, lowWear)
  .chain(([input, wear]) => shoeFor(input.values.lengthMm!.mm).map((shoe) => ({ input, shoe, wear, foot: footAsWorn(completeFoot(input), wear) })));

/** The same on heels with a drop of at most 25 mm. */
export const fittedLow: typeof fitted = fc.tuple(anyFootInput, lowWear, share(0, 25)).chain(([input, wear, heel]) =>
  shoeFor(input.values.lengthMm!.mm, { heelHeightMm: heel, platformMm: 0 }).map((shoe) => ({
    input,
    shoe,
    wear,
    foot: footAsWorn(completeFoot(input), wear)
  }))
);

/** A last that can be: ordinary proportions in any family, a grade of any scale. */
export const anyLast: fc.Arbitrary<Last> = fc
  .record({
    family: fc.constantFrom(...TOE_FAMILY_IDS),
    foot: share(215, 290),
    over: share(8, 18),
    width: share(0.325, 0.375),
    girth: share(0.88, 0.98),
    seat: share(0.62, 0.7),
    taper: share(-2, 8),
    step: fc.constantFrom(8.467, 6.667, 5),
    girthShare: share(0.6, 0.8),
    letter: fc.constantFrom(5, 6.35),
    toeExtension: fc.constantFrom('fixed' as const, 'graded' as const)
  })
  .map(({ family, foot, over, width, girth, seat, taper, step, girthShare, letter, toeExtension }) => ({
    id: 'any',
    maker: 'anyone',
    name: 'Any',
    family,
    taperShiftMm: taper,
    widthBasis: 'footbed' as const,
    base: {
      size: 6,
      width: 'M',
      forFootMm: foot,
      insoleMm: foot + over + TOE_FAMILY[family].nominalTipMm,
      ballWidthMm: width * foot,
      heelWidthMm: seat * width * foot,
      ballGirthMm: girth * foot,
      waistGirthMm: 0.96 * girth * foot,
      instepGirthMm: 1.01 * girth * foot,
      toeDepthMm: 0.1 * foot,
      littleToeDepthMm: 0.08 * foot
    },
    grade: {
      lengthPerSizeMm: step,
      girthPerSizeMm: girthShare * step,
      girthPerWidthMm: letter,
      bottomShare: 0.3,
      toeExtension,
      halves: 'full' as const
    },
    evidence: { mark: 'measured' as const, lengthSdMm: 1, widthSdMm: 1, girthSdMm: 2, note: '' }
  }));

/** Clearance of a zone of a shoe of some kind, mm; NaN where the kind has no such zone. */
export const zoneOf = (zone: ArrayLike<number>, kind: KindId, id: ZoneId): number => zone[zoneSetFor(KIND[kind]).at[id] ?? -1] ?? NaN;
