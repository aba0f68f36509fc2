import { SOCKS } from '../measure';
import type { Aids } from './plain-zones';
import type { Shoe } from './shoe';
import { UPPER } from './uppers';
import type { Wear } from './wear';
import type { ZoneId } from './zones';

// prettier-ignore
export type RemedyKind =
  | 'full-insole' | 'half-insole' | 'remove-insole' | 'ball-pad' | 'tongue-pad' | 'heel-grip' | 'thicker-sock' | 'toe-filler'
  | 'spot-stretch' | 'lacing' | 'sister-size' | 'other-last' | 'wedge';

/** What of a shoe decides which helps it may have. */
export type Helped = Pick<Shoe, 'kind' | 'closure' | 'upper' | 'removableInsoleMm'>;

/** What a help does to the shoe or to how it is worn; its effect is always found by computing the fit again. */
export interface RemedyRule {
  kind: RemedyKind;
  name: (mm: number) => string;
  amountsMm: readonly number[];
  /** Zones it is meant for. */
  helps: readonly ZoneId[];
  change: (mm: number, aids: Aids, wear: Wear) => { aids: Aids; wear: Wear };
  /** Why it cannot be done to this shoe, or null. */
  forbidden: (shoe: Helped, wear: Wear) => string | null;
  limits: string;
}

const NEXT_SOCKS: readonly number[] = SOCKS.map((s) => s.mm).filter((mm) => mm > 0);
const never = (): null => null;

// prettier-ignore
export const RULES: readonly RemedyRule[] = [
  {
    kind: 'full-insole', name: (t) => `full insole, ${t} mm`, amountsMm: [2, 3, 4], helps: ['ball-girth', 'instep', 'waist', 'throat'],
    change: (t, aids, wear) => ({ aids, wear: { ...wear, insertMm: wear.insertMm + t } }), forbidden: never,
    limits: 'takes depth over the toes by its thickness; girth by 1.1 to 2 times'
  },
  {
    kind: 'remove-insole', name: (t) => `take the ${t} mm insole out`, amountsMm: [0], helps: ['ball-girth', 'instep', 'toe-box-depth', 'throat'],
    change: (t, aids, wear) => ({ aids, wear: { ...wear, insertMm: wear.insertMm - t } }),
    forbidden: (shoe) => (shoe.removableInsoleMm > 0 ? null : 'the insole is fixed'),
    limits: 'harder underfoot'
  },
  {
    kind: 'ball-pad', name: (t) => `ball pad, ${t} mm`, amountsMm: [2, 3], helps: ['ball-girth', 'heel-slip'],
    change: (t, aids, wear) => ({ aids: { ...aids, ballPadMm: t }, wear }), forbidden: never,
    limits: 'holds the foot back on a heel; little use in flat shoes'
  },
  {
    kind: 'half-insole', name: (t) => `half insole, ${t} mm`, amountsMm: [2, 3], helps: ['ball-girth', 'heel-slip'],
    change: (t, aids, wear) => ({ aids: { ...aids, halfInsoleMm: t }, wear }), forbidden: never,
    limits: 'under ball and toes: takes depth over the toes by its thickness, and holds the foot back on a heel'
  },
  {
    kind: 'tongue-pad', name: (t) => `tongue pad, ${t} mm`, amountsMm: [3], helps: ['instep', 'heel-slip'],
    change: (t, aids, wear) => ({ aids: { ...aids, tonguePadMm: t }, wear }),
    forbidden: (shoe) => (shoe.closure === 'none' ? 'there is no tongue' : null),
    limits: 'presses the instep'
  },
  {
    kind: 'heel-grip', name: (t) => `heel grip, ${t} mm`, amountsMm: [3], helps: ['heel-slip', 'heel-width', 'toe-room'],
    change: (t, aids, wear) => ({ aids: { ...aids, heelGripMm: t }, wear }), forbidden: never,
    limits: 'takes 2 to 4 mm of length; may hide a built-in elastic doing the same'
  },
  {
    kind: 'thicker-sock', name: (t) => `sock of ${t} mm`, amountsMm: [0], helps: ['ball-girth', 'instep', 'toe-room'],
    change: (t, aids, wear) => ({ aids, wear: { ...wear, sockMm: t } }),
    forbidden: (shoe) => (['sandal', 'pole-sandal', 'pump', 'heels-dance', 'pointe'].includes(shoe.kind) ? 'no sock is worn in this kind of shoe' : null),
    limits: 'warm'
  },
  {
    kind: 'toe-filler', name: (t) => `toe filler, ${t} mm`, amountsMm: [4, 8], helps: ['toe-room'],
    change: (t, aids, wear) => ({ aids: { ...aids, toeFillerMm: t }, wear }),
    forbidden: (shoe) => (['running', 'pointe', 'extra-depth'].includes(shoe.kind) ? 'not in this kind of shoe' : null),
    limits: 'last resort, only for shoes too long'
  },
  {
    kind: 'spot-stretch', name: (t) => `spot stretch, ${t} mm`, amountsMm: [3, 5], helps: ['ball-width', 'toe-box-width'],
    change: (t, aids, wear) => ({ aids: { ...aids, stretchMm: t }, wear }),
    forbidden: (shoe) => (UPPER[shoe.upper].stretches ? null : `${UPPER[shoe.upper].name} is not stretched`),
    limits: 'one spot, 3 to 6 mm, leather and suede, by a trained hand; heat can burn and spoil glue; never length'
  },
  {
    kind: 'lacing', name: (t) => (t > 0 ? 'lace looser over the instep' : 'lace tighter over the instep'), amountsMm: [4, -4], helps: ['instep'],
    change: (t, aids, wear) => ({ aids: { ...aids, lacingMm: t }, wear }),
    forbidden: (shoe) => (shoe.closure === 'lace' ? null : 'there are no laces'),
    limits: 'about 4 mm either way'
  }
];

/** One help in one strength, laid on what is worn already. */
export interface Trial {
  rule: RemedyRule;
  mm: number;
  aids: Aids;
  wear: Wear;
}

/** Every help that may be tried on a shoe. */
export function trialsFor(shoe: Helped, wear: Wear, aids: Aids): Trial[] {
  const trials: Trial[] = [];
  for (const rule of RULES) {
    if (rule.forbidden(shoe, wear) !== null) continue;
    const amounts =
      rule.kind === 'remove-insole'
        ? [shoe.removableInsoleMm]
        : rule.kind === 'thicker-sock'
          ? NEXT_SOCKS.filter((t) => t > wear.sockMm + 0.2).slice(0, 2)
          : rule.amountsMm;
    for (const mm of amounts) trials.push({ rule, mm, ...rule.change(mm, aids, wear) });
  }
  return trials;
}

export const nameOf = ({ rule, mm }: Trial): string => rule.name(mm);
