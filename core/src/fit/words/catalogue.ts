import { formatLength, trimNumber } from '../../measure';
import { ZONE, type FlexState, type SumCode, type SumHead, type ZoneId } from '../zones';
import type { Verdict } from '../judge';
import { TOLD_FROM_MM, type Feel } from './findings';
import { BARLEYCORN } from '../../size';

/**
 * English words for the codes of a fit. Nothing reads what is written here: another language is another catalogue.
 */
export const TOE_NAMES = ['big toe', 'second toe', 'third toe', 'fourth toe', 'little toe'] as const;

const mm = (value: number): string => formatLength(Math.abs(value), 'mm');
const n = (value: number): string => trimNumber(value);

/** Length as a share of a size, in words: `half a size`. */
export function inSizes(lengthMm: number): string {
  const sizes = Math.abs(lengthMm) / BARLEYCORN;
  if (sizes < 0.2) return mm(lengthMm);
  if (sizes < 0.38) return 'a third of a size';
  if (sizes < 0.75) return 'half a size';
  if (sizes < 1.25) return 'a size';
  return `${trimNumber(Math.round(sizes * 2) / 2)} sizes`;
}

type Phrases = Readonly<Record<FlexState, (feel: Feel) => string>>;

/** What is said of most zones. */
const USUAL: Phrases = {
  'too-tight': ({ zone, outsideMm }) => (outsideMm < TOLD_FROM_MM ? `${ZONE[zone].name} just too tight` : `${ZONE[zone].name} too tight by ${mm(outsideMm)}`),
  snug: ({ zone }) => `${ZONE[zone].name} snug`,
  right: ({ zone }) => `${ZONE[zone].name} right`,
  roomy: ({ zone, offMm }) => `${ZONE[zone].name} roomy, ${mm(offMm)} to spare`,
  'too-loose': ({ zone, outsideMm }) => (outsideMm < TOLD_FROM_MM ? `${ZONE[zone].name} just too loose` : `${ZONE[zone].name} too loose by ${mm(outsideMm)}`),
  behind: ({ zone }) => `${ZONE[zone].name} right`,
  ahead: ({ zone, offMm }) => `${ZONE[zone].name} roomy, ${mm(offMm)} to spare`
};

/** Zones that are spoken of in words of their own. */
const OWN: Partial<Record<ZoneId, Partial<Phrases>>> = {
  'toe-room': {
    'too-tight': ({ offMm, toe }) => `${inSizes(offMm)} short at the ${TOE_NAMES[toe]} (${mm(offMm)})`,
    snug: ({ offMm, toe }) => `close at the ${TOE_NAMES[toe]}, ${mm(offMm)} less than usual`,
    right: (feel) => `toes right, ${mm(feel.mm)} in front`,
    roomy: ({ offMm }) => `long by ${mm(offMm)}`,
    'too-loose': ({ offMm }) => `${inSizes(offMm)} long (${mm(offMm)})`
  },
  vamp: {
    'too-tight': (feel) => `the first toe cleft shows by ${mm(feel.mm)}: little holds the toes`,
    snug: (feel) => `the first toe cleft shows by ${mm(feel.mm)}`,
    right: (feel) => (feel.mm < 0 ? `the first toe cleft shows by ${mm(feel.mm)}` : 'vamp covers the toe clefts'),
    roomy: () => 'vamp covers the toe clefts',
    'too-loose': () => 'vamp covers the toe clefts'
  },
  arch: {
    'too-tight': (feel) => `the shank presses into the arch by ${mm(feel.mm)}`,
    snug: () => 'the shank presses a little into the arch',
    right: () => 'the arch is carried',
    roomy: (feel) => `the arch hangs ${mm(feel.mm)} over the shank`,
    'too-loose': (feel) => `the arch hangs ${mm(feel.mm)} over the shank: nothing carries it`
  },
  'ankle-bone': {
    'too-tight': (feel) => (feel.mm < 0 ? `topline stands ${mm(feel.mm)} over the ankle bone’s edge` : 'topline touches the ankle bone'),
    snug: () => 'topline just under the ankle bone',
    right: () => 'topline clear of the ankle bone',
    roomy: () => 'sides cut low under the ankle bone',
    'too-loose': () => 'sides cut very low: they hold little'
  },
  'flex-point': {
    right: () => 'bends where the foot does',
    behind: ({ offMm }) => `bends ${mm(offMm)} further back than is right`,
    ahead: ({ offMm }) => `bends ${mm(offMm)} further forward than is right`
  },
  'heel-slip': {
    'too-tight': () => 'heel held',
    snug: () => 'heel held',
    right: () => 'heel held',
    roomy: (feel) => `heel lifts ${mm(feel.mm)}`,
    'too-loose': (feel) => `heel lifts ${mm(feel.mm)}, too much`
  }
};

/** How a zone feels, with its millimetres: `half a size short at the second toe (4 mm)`. */
export function feelWords(feel: Feel): string {
  const state = feel.outsideMm === 0 && feel.offMm < TOLD_FROM_MM ? 'right' : feel.state;
  return (OWN[feel.zone]?.[state] ?? USUAL[state])(feel);
}

export const BOTH_FEET = 'both feet';
export const SENTENCE = {
  fits: 'Fits',
  'fits-with-help': (helps: readonly string[]) => `Would fit with ${helps.join(' and ')}`,
  'does-not-fit': 'Does not fit',
  allRight: 'right in every zone that decides',
  nearest: (feel: string) => `${feel}, nearest to its limit`,
  rightAllRound: 'right all round'
} as const;

/** The verdict's own part of a sentence. */
export function verdictWords(verdict: 'fits' | 'fits-with-help' | 'does-not-fit', helps: readonly string[]): string {
  return verdict === 'fits-with-help' ? SENTENCE[verdict](helps) : SENTENCE[verdict];
}

/** How a sum begins. */
export const HEAD: { readonly [C in SumHead['code']]: (head: Extract<SumHead, { code: C }>, kind: string) => string } = {
  difference: ({ shoeMm, footMm }) => `${n(shoeMm)} - ${n(footMm)} = ${n(shoeMm - footMm)}`,
  'ball-width': ({ shoeMm, insoleMm, girthMm, footMm }) =>
    `inside ${n(shoeMm)} (insole ${n(insoleMm)}, girth ${n(girthMm)}) - ${n(footMm)} = ${n(shoeMm - footMm)}`,
  'beside-toes': () => 'least gap beside the toes along the two outlines',
  'over-toes': ({ bigMm, bigToeMm, littleMm, littleToeMm }) => `depth ${n(bigMm)} over a toe of ${n(bigToeMm)}, ${n(littleMm)} over ${n(littleToeMm)}`,
  'flex-line': ({ shoeMm, footMm }) => `shoe's flex line ${n(shoeMm)} - ball ${n(footMm)}`,
  counter: ({ shoeMm, footMm }) => `counter ${n(shoeMm)} - heel ${n(footMm)}`,
  'over-cleft': ({ cleftMm, throatMm }) => `first toe cleft at ${n(cleftMm)}, vamp ends at ${n(throatMm)}`,
  'arch-line': ({ archLine, dropMm, lengthMm }) => `${archLine} arch line on a drop of ${n(dropMm)} under a foot of ${n(lengthMm)}`,
  'under-bone': ({ boneMm, toplineMm }) => `ankle bone at ${n(boneMm)}, topline there at ${n(toplineMm)}`,
  'lift-by-slide': ({ gapMm, stiffness }) => `gap left by the slide ${n(gapMm)}, sole stiffness ${stiffness} of 5`,
  lift: ({ stiffness, gripped }, kind) => `sole stiffness ${stiffness} of 5 in a ${kind}, heel and instep room${gripped ? ', held by the grip' : ''}`
};

/** What is taken off, beside what the hour did and the shoe's tip, which have words of their own. */
export const LESS: Readonly<Record<Exclude<SumCode, 'foot-state' | 'toe-tip'>, string>> = {
  sock: 'sock',
  insert: 'insert',
  'heel-grip': 'heel grip',
  'toe-filler': 'toe filler',
  'half-insole': 'half insole',
  'ball-pad': 'ball pad',
  'tongue-pad': 'tongue pad',
  laces: 'laces',
  stretched: 'stretched',
  'hammer-toe': 'hammer toe',
  'toe-spring': 'toe spring',
  'heel-spread': 'ball spread by the heel',
  slide: 'slides forward'
};
export const TIP = (family: string): string => `${family} tip that holds no toes`;
export const TOUCHES = (toe: number): string => `the ${TOE_NAMES[toe]} touches first`;
export const STATE_OF_FOOT = { several: 'foot as worn', hour: 'time of day' } as const;

/** Why a help cannot be done to a shoe. */
export const HELP_REFUSALS = {
  'insole-fixed': () => 'the insole is fixed',
  'no-tongue': () => 'there is no tongue',
  'no-sock-worn': () => 'no sock is worn in this kind of shoe',
  'not-in-this-kind': () => 'not in this kind of shoe',
  'upper-does-not-stretch': (upper: string) => `${upper} is not stretched`,
  'no-laces': () => 'there are no laces'
} as const;
export type HelpRefusal = keyof typeof HELP_REFUSALS;
export const PUT_IN_WORDS = {
  none: (kind: string) => `${kind} is nothing that is put into a shoe`,
  tooMany: (most: number) => `at most ${most} helps go into one shoe; beyond that another last is the answer`,
  noStrength: (name: string) => `${name} is not among the strengths there are`
} as const;

const hour = (hours: number): string => (hours < 10 ? `hour ${Math.max(1, Math.round(hours))}` : `about hour ${Math.round(hours / 5) * 5}`);
/** What becomes of a pair in wear, by the school that judges now and the school that lets leather mould. */
export const FORECAST_WORDS = {
  now: (worst: string) => `What you feel in the shop you go on feeling: ${worst}.`,
  never: (hours: number, worst: string) => `Wear does not bring it to fit: after ${hours} hours still ${worst}.`,
  fits: (from: number, looseFrom: number | null) => {
    const then = looseFrom === null ? 'and stays so' : `and is too loose from ${hour(looseFrom)}`;
    return from === 0 ? `Fits from the first hour ${then}.` : `Snug now, moulded later: fits from ${hour(from)} ${then}.`;
  }
} as const;

export const VERDICT_WORDS: Readonly<Record<Verdict, string>> = { fits: 'fits', 'fits-with-help': 'fits with help', 'does-not-fit': 'does not fit' };

/** Why a size that was picked is not the label's. */
export const LABEL_WORDS = {
  notMade: (size: string) => `By its label ${size}, in which it is not made.`,
  off: (size: string, worst: string) => `By its label ${size}, but there: ${worst}.`,
  nearer: (size: string, sizes: number) =>
    `By its label ${size}, which would do; this one is nearer to right${Math.abs(sizes) < 0.25 ? '' : `, since the last runs ${sizes > 0 ? 'long' : 'short'}`}.`
} as const;
