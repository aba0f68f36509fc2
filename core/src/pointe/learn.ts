import { normalBelow, normalDensity } from '../measure';
import type { SymptomId } from './barre';
import type { Box } from './box';
import { byId } from './by-id';
import type { BoxDoubt } from './doubt';
import type { Forefoot } from './forefoot';
import type { PointeModel, PointeOff } from './model';
import { pointeReport, type PointeReport } from './report';
import type { Worn } from './stand';
import { POINTE_ZONE, type PointeZoneId } from './zones';

/** What is believed of a model's true offset in one part: a normal, in the part's unit. */
export interface Belief {
  mean: number;
  sd: number;
  /** How many answers it heard. */
  n: number;
}
/** Parts of a model that answers teach. A part that was measured is never moved. */
interface LearnedPart<Id extends string = string> {
  id: Id;
  name: string;
  /** mm, or a share of the stiffness, kept as its logarithm. */
  unit: 'mm' | 'share';
  /** What it is believed to be off before anybody danced it [model]. */
  sd: number;
  /** Small enough to read a slope by. */
  probe: number;
  more: string;
  less: string;
  measured: (model: PointeModel) => boolean;
  /** A model off by so much. */
  moved: (model: PointeModel, by: number) => PointeModel;
  /** A box off by so much: the same, once a size is chosen. */
  box: (box: Box, by: number) => Box;
}
const part = <const Id extends string>(own: LearnedPart<Id>): LearnedPart<Id> => own;
const off = (model: PointeModel, more: PointeOff): PointeModel => ({ ...model, off: { ...model.off, ...more } });
export const LEARNED_PARTS = [
  part({
    id: 'girth', name: 'girth', unit: 'mm', sd: 3, probe: 2, more: 'wider', less: 'narrower',
    measured: ({ spec }) => spec.jointGirthMm?.evidence === 'measured',
    moved: (model, by) => off(model, { girthMm: by }),
    box: (box, by) => ({ ...box, jointGirthMm: box.jointGirthMm + by })
  }),
  part({
    id: 'length', name: 'length', unit: 'mm', sd: 2, probe: 1, more: 'longer', less: 'shorter',
    measured: ({ lengthEvidence }) => lengthEvidence === 'measured',
    moved: (model, by) => ({ ...model, maker: { ...model.maker, length: { ...model.maker.length, zeroMm: model.maker.length.zeroMm + by } } }),
    box: (box, by) => ({ ...box, insideLengthMm: box.insideLengthMm + by })
  }),
  part({
    id: 'vamp', name: 'vamp', unit: 'mm', sd: 3, probe: 1, more: 'longer', less: 'shorter',
    measured: ({ spec }) => spec.vampMm?.evidence === 'measured',
    moved: (model, by) => off(model, { vampMm: by }),
    box: (box, by) => ({ ...box, vampMm: box.vampMm + by })
  }),
  part({
    id: 'shank', name: 'shank', unit: 'share', sd: 0.25, probe: 0.1, more: 'stiffer', less: 'softer',
    // A grade is a maker's word for a batch: nobody measures it in N m.
    measured: () => false,
    moved: (model, by) => off(model, { shank: by }),
    box: (box, by) => ({ ...box, shank: { ...box.shank, nm: box.shank.nm * Math.exp(by) } })
  })
] as const; // prettier-ignore
export type LearnedPartId = (typeof LEARNED_PARTS)[number]['id'];
export const LEARNED_PART = byId<LearnedPart<LearnedPartId>>(LEARNED_PARTS);
export type Beliefs = Partial<Record<LearnedPartId, Belief>>;
export const unheard = (id: LearnedPartId): Belief => ({ mean: 0, sd: LEARNED_PART[id].sd, n: 0 });

/** A sign that tells of a part: by which zone, past which of its cuts it is seen, and how noisy the eye is, in the zone's unit [model]. */
interface Hears {
  part: LearnedPartId;
  zone: PointeZoneId;
  past: 'low' | 'high';
  threshold: number;
  noise: number;
}
export const HEARS = {
  sinks: { part: 'girth', zone: 'sink', past: 'high', threshold: 5.5, noise: 1.5 },
  numb: { part: 'girth', zone: 'hands', past: 'high', threshold: 2.2, noise: 0.7 },
  knuckled: { part: 'length', zone: 'length', past: 'low', threshold: -3, noise: 2 },
  'heel-bag': { part: 'length', zone: 'pinch', past: 'high', threshold: 9, noise: 2.5 },
  'no-pinch': { part: 'length', zone: 'pinch', past: 'low', threshold: 4, noise: 2.5 },
  'vamp-gapes': { part: 'vamp', zone: 'vamp', past: 'low', threshold: 3, noise: 2 },
  'vamp-bites': { part: 'vamp', zone: 'vamp', past: 'high', threshold: 9, noise: 2.5 },
  'not-over': { part: 'shank', zone: 'to-spare', past: 'low', threshold: -1, noise: 4.5 },
  'falls-over': { part: 'shank', zone: 'held-back', past: 'low', threshold: -1, noise: 4.5 }
} as const satisfies Partial<Record<SymptomId, Hears>>;
export type HeardSignId = keyof typeof HEARS;
export const HEARD_SIGNS = Object.keys(HEARS) as HeardSignId[];

/** What the sums said of a sign's zone beforehand, and what a unit more of the part changes of it. */
export interface Expected {
  value: number;
  slope: number;
}
const valueIn = (report: PointeReport, zone: PointeZoneId): number | null => POINTE_ZONE[zone].value(report.source);
/**
 * What the sums say beforehand of every sign that teaches.
 * @param worn how much of the shoe is left
 */
export function expectedOf(foot: Forefoot, box: Box, doubt: BoxDoubt, worn?: Worn): Partial<Record<HeardSignId, Expected>> {
  const reportOf = (b: Box): PointeReport => pointeReport(foot, b, doubt, { worn });
  const here = reportOf(box);
  const moved = Object.fromEntries(LEARNED_PARTS.map((p) => [p.id, reportOf(p.box(box, p.probe))])) as Record<LearnedPartId, PointeReport>;
  const out: Partial<Record<HeardSignId, Expected>> = {};
  for (const id of HEARD_SIGNS) {
    const { part: of, zone } = HEARS[id];
    const [before, after] = [valueIn(here, zone), valueIn(moved[of], zone)];
    if (before !== null && after !== null) out[id] = { value: before, slope: (after - before) / LEARNED_PART[of].probe };
  }
  return out;
}

/**
 * Moves a belief by one answer: yes means that predicted + slope x offset + noise lies past the threshold.
 * @param expected what the sums say of the value without an offset
 * @param yes whether it was seen
 */
export function hear({ mean, sd, n }: Belief, { value, slope }: Expected, yes: boolean, { past, threshold, noise }: Omit<Hears, 'part' | 'zone'>): Belief {
  const v = Math.hypot(slope * sd, noise);
  const sign = yes === (past === 'high') ? 1 : -1;
  const z = (sign * (value + slope * mean - threshold)) / v;
  const r = normalDensity(z) / Math.max(1e-12, normalBelow(z));
  const K = (slope * sd * sd) / v;
  return { mean: mean + sign * K * r, sd: Math.sqrt(Math.max(1e-6, sd * sd - K * K * r * (r + z))), n: n + 1 };
}
/** Moves all that is believed of a model by the answers of one visit to the barre. */
export function hearAll(
  beliefs: Beliefs,
  answers: Partial<Record<SymptomId, boolean>>,
  expected: Partial<Record<HeardSignId, Expected>>
): { beliefs: Beliefs; taught: LearnedPartId[] } {
  const out = { ...beliefs };
  const taught: LearnedPartId[] = [];
  for (const id of HEARD_SIGNS) {
    const [answer, said] = [answers[id], expected[id]];
    if (answer === undefined || !said) continue;
    const { part: of } = HEARS[id];
    out[of] = hear(out[of] ?? unheard(of), said, answer, HEARS[id]);
    if (!taught.includes(of)) taught.push(of);
  }
  return { beliefs: out, taught };
}
/** A model as it is believed to be: every part that nobody measured is moved. */
export const asBelieved = (model: PointeModel, beliefs: Beliefs): PointeModel =>
  LEARNED_PARTS.reduce((m: PointeModel, { id, measured, moved }) => {
    const belief = beliefs[id];
    return belief && !measured(model) ? moved(m, belief.mean) : m;
  }, model);
