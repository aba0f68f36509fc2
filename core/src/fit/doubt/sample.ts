import type { MeasureId } from '../../measure';
import type { WornFoot } from '../shoe';
import { FOOT_CAUSES, ownCauses, SHOE_CAUSES } from './error-model';
import { normalPoints } from './normal';

/** Points for the opened candidate and for ranking. */
export const POINTS = { opened: 1024, ranked: 128 } as const;

/** The measure behind each of a foot's own causes that may be filled in from proportions, by the cause's place. */
const CAUSE_OF: readonly MeasureId[] = [
  'lengthMm',
  'ballLengthMm',
  'ballWidthMm',
  'ballGirthMm',
  'instepGirthMm',
  'shortHeelGirthMm',
  'heelWidthMm',
  'toeHeightMm'
];
const BALL_GIRTH_CAUSE = CAUSE_OF.indexOf('ballGirthMm');
/** A foot fuller than its length lets expect is fuller all over: correlation of what is filled in with the ball's girth [estimate]. */
const FULLNESS: Readonly<Partial<Record<MeasureId, number>>> = { ballWidthMm: 0.8, instepGirthMm: 0.8, shortHeelGirthMm: 0.7 };
/** Left and right are one person's: correlation of what is filled in for both [estimate]. */
const SAME_PERSON = 0.9;

/** Sample points of the doubt of one foot or a pair. */
export interface Sample {
  feet: readonly WornFoot[];
  points: number;
  /** Numbers a row: six causes of the last, eleven a foot, and one more of each foot that has a line of its own. */
  causes: number;
  /** Where the cause of each foot's line stands in a row; -1 where it has none. They come last: a foot without one has the points it always had. */
  lines: readonly number[];
  /** A row a point: each cause in its standard deviations. */
  z: Float64Array;
}

const samples = new WeakMap<WornFoot, Map<WornFoot | null, Map<number, Sample>>>();

/**
 * The sample of one foot or a pair, a Gaussian copula: causes of what was measured are independent; what was filled in from proportions
 * errs together, within a foot and between the two.
 * @returns the same every time for the same feet
 */
export function sampleOf(feet: readonly WornFoot[], points: number): Sample {
  const own = samples.get(feet[0]) ?? new Map<WornFoot | null, Map<number, Sample>>();
  samples.set(feet[0], own);
  const byCount = own.get(feet[1] ?? null) ?? new Map<number, Sample>();
  own.set(feet[1] ?? null, byCount);
  const found = byCount.get(points) ?? drawn(feet, points);
  byCount.set(points, found);
  return found;
}

function drawn(feet: readonly WornFoot[], points: number): Sample {
  let causes = SHOE_CAUSES + FOOT_CAUSES * feet.length;
  const lines = feet.map(({ dims }) => (dims.contour ? causes++ : -1));
  return { feet, points, causes, lines, z: correlated(feet, points, causes) };
}

/** Normal points whose causes are correlated where both are filled in. */
function correlated(feet: readonly WornFoot[], points: number, d: number): Float64Array {
  const z = Float64Array.from(normalPoints(points, d));
  const filled = (foot: WornFoot, id: MeasureId): boolean => foot.foot.values[id].how === 'derived';
  const mix = (from: number, to: number, share: number): void => {
    for (let n = 0; n < points; n++) z[n * d + to] = share * z[n * d + from] + Math.sqrt(1 - share * share) * z[n * d + to];
  };
  feet.forEach((foot, f) => {
    const at = ownCauses(f);
    if (!filled(foot, 'ballGirthMm')) return;
    CAUSE_OF.forEach((id, k) => {
      if (FULLNESS[id] && filled(foot, id)) mix(at + BALL_GIRTH_CAUSE, at + k, FULLNESS[id]);
    });
  });
  if (feet.length > 1)
    CAUSE_OF.forEach((id, k) => {
      if (filled(feet[0], id) && filled(feet[1], id)) mix(SHOE_CAUSES + k, SHOE_CAUSES + FOOT_CAUSES + k, SAME_PERSON);
    });
  return z;
}
