import { chanceSunk, floorMark, stepForce } from '../ground';
import { LOAD } from '../load';
import { comfortShare } from '../reach';
import { HEM_CLEARANCE_MM, HEM_SHORT_MM, riseDifference, type Rise } from '../rise';
import { GROUND } from '../soils';
import { baseOf, standOn, type HeelReport } from '../stand';
import { standingTread } from '../stability';
import { ACT, PLAN_SOLES, type PlanAsked, type PlanShoe, type Segment } from './asked';

/** What a plan costs, term by term: comfort, risk, look, and the changing itself. */
export const TERMS = [
  { id: 'ankle', name: 'ankle', kind: 'comfort' },
  { id: 'load', name: 'weight on the ball', kind: 'comfort' },
  { id: 'slide', name: 'slide', kind: 'comfort' },
  { id: 'fresh', name: 'not worn in', kind: 'comfort' },
  { id: 'sink', name: 'sinking', kind: 'risk' },
  { id: 'stability', name: 'steadiness', kind: 'risk' },
  { id: 'sole', name: 'sole', kind: 'risk' },
  { id: 'floor', name: 'marks on the floor', kind: 'risk' },
  { id: 'formality', name: 'formality', kind: 'look' },
  { id: 'height', name: 'height beside the partner', kind: 'look' },
  { id: 'hem', name: 'hem', kind: 'look' },
  { id: 'change', name: 'changing shoes', kind: 'change' }
] as const;
export type TermId = (typeof TERMS)[number]['id'];
export type Terms = Record<TermId, number>;
export const noTerms = (): Terms => Object.fromEntries(TERMS.map((t) => [t.id, 0])) as Terms;

/** Weights of the terms [model]; they are shown and can be moved. */
export const COST = {
  ankle: 6, ankleFrom: 0.75, load: 5, tires: 0.25, slide: 0.5, slideFreeMm: 2, fresh: 5, freshUnderHours: 3,
  sink: 14, softHeel: 0.12, softHeelMm: 63.5, stability: 1.2, spareDeg: 2, stabilityMostHours: 2, sole: 6, floor: 5, floorFrom: 0.25, floorOver: 0.75, floorMost: 2,
  formality: 2.5, underSkirt: 0.5, heightPer10Mm: 2.5, drag: 0.3, short: 0.08, change: 3, secondPair: 1, startHours: 0.5
} as const; // prettier-ignore

const over = (x: number): number => Math.max(0, x);

/** A shoe as the plan sees it. */
export interface Considered {
  shoe: PlanShoe;
  report: HeelReport;
}
export function consider({ foot, weightKg, ankleReachDeg, reachSchool }: PlanAsked, shoe: PlanShoe): Considered {
  return { shoe, report: standOn(foot, shoe.made, { weightKg, doing: 'walking', slopeDeg: 0, reachSchool, ankleReachDeg, ground: null }) };
}

/** What a segment costs in a shoe by itself: all but load, hem and what is not worn in, which hang on the rest of the day. */
export function baseTerms(asked: PlanAsked, segment: Segment, { shoe, report }: Considered): Terms {
  const terms = noTerms();
  const hours = segment.minutes / 60;
  const act = ACT[segment.doing];
  const ground = GROUND[segment.ground];
  const { weights, longSkirt, partner, statureMm } = asked.wishes;
  const { comfort, risk, look } = weights;
  if (asked.ankleReachDeg !== null) {
    const share = report.ankleDemandDeg.centre / (comfortShare(asked.reachSchool) * asked.ankleReachDeg);
    terms.ankle = comfort * COST.ankle * over(share - COST.ankleFrom) * hours * act.ankle;
  }
  terms.slide = comfort * COST.slide * over(shoe.slideMm - COST.slideFreeMm) * hours * (act.onFeet ? 1 : 0);
  if (act.onFeet) {
    const base = baseOf(shoe.made, asked.foot.lengthMm, asked.weightKg);
    const tread = standingTread(base);
    if (ground.soil) {
      const chance = (doing: 'standing' | 'walking'): number => chanceSunk(ground, tread, { weightKg: asked.weightKg, doing, ballShare: report.ballLoadShare });
      // Whoever stands takes steps, too, and whoever walks stops.
      const blended = (chance('standing') + chance('walking')) / 2;
      terms.sink = risk * COST.sink * blended * Math.min(1, COST.startHours + hours);
    }
    if (ground.soft) terms.sink += risk * COST.softHeel * over(shoe.made.heelHeightMm - COST.softHeelMm);
    const need = act.needDeg + ground.unsteadyDeg;
    terms.stability =
      risk * COST.stability * over(need + COST.spareDeg - report.stability.indexDeg) * Math.min(COST.stabilityMostHours, COST.startHours + hours);
    const sole = PLAN_SOLES.find((s) => s.id === shoe.sole);
    if (sole && ((sole.badInTurns && segment.turns) || (sole.badInWet && segment.wet))) terms.sole = risk * COST.sole;
    const marked = floorMark(ground, tread.areaMm2, stepForce(asked.weightKg, act.treads ?? 'standing'));
    if (marked) terms.floor = risk * COST.floor * Math.min(COST.floorMost, over((marked.ratio - COST.floorFrom) / COST.floorOver));
  }
  terms.formality = look * COST.formality * Math.abs(shoe.formality - segment.formality) * segment.seen * (longSkirt ? COST.underSkirt : 1);
  if (partner && segment.heightMatters) {
    const taller = partner.statureMm + partner.riseMm - statureMm - report.rise.centreMm;
    const [least, most] = partner.tallerMm;
    terms.height = look * COST.heightPer10Mm * (Math.max(over(least - taller), over(taller - most)) / 10);
  }
  return terms;
}

/** What the ball bears in a segment, more the longer these shoes have been stood in. @param hoursBefore on the feet in this pair */
export function loadTerm(asked: PlanAsked, segment: Segment, { report }: Considered, hoursBefore: number): number {
  const share = over(report.ballLoadShare.centre - LOAD.flat);
  return asked.wishes.weights.comfort * COST.load * share * ACT[segment.doing].load * (segment.minutes / 60) * (1 + COST.tires * hoursBefore);
}

/** What a hem cut for one pair costs when another is worn. */
export function hemTerm(look: number, cutFor: Rise, worn: Rise): number {
  const lower = riseDifference(cutFor, worn).centreMm;
  return look * (COST.drag * over(lower - HEM_CLEARANCE_MM) + COST.short * over(-lower - HEM_SHORT_MM));
}
export const freshTerm = (comfort: number, { shoe }: Considered): number => (shoe.hoursWorn < COST.freshUnderHours ? comfort * COST.fresh : 0);
