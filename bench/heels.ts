/** Heels: poses and whole reports a second, and how a plan grows with pairs and parts of the day. */
import { GROUND, HEEL_SHAPES, planOccasion, poseOn, standOn, type PlanAsked, type PlanEnd, type PlanShoe, type Segment } from '../core/src/heel';

const MOST_PAIRS = 200;
const foot = { lengthMm: 241, ballLengthMm: 175 };
const made = (i: number) => ({ heelHeightMm: 30 + (i % 80), platformMm: 0, heel: HEEL_SHAPES[i % HEEL_SHAPES.length].id, hold: 'strap' as const });

/** Runs for a while and tells how many a second. */
function rate(work: (i: number) => void, ms = 600): number {
  for (let i = 0; i < 200; i++) work(i);
  const started = performance.now();
  let n = 0;
  while (performance.now() - started < ms) work(n++);
  return (1000 * n) / (performance.now() - started);
}

const shoes = (many: number): PlanShoe[] =>
  Array.from({ length: many }, (_, i) => ({
    id: String(i),
    name: `pair ${i}`,
    made: made(7 * i),
    formality: 1 + (i % 5),
    sole: 'leather',
    slideMm: i % 4,
    hoursWorn: i % 9,
    owned: i % 10 === 0
  }));
const DOINGS = ['standing', 'walking', 'sitting', 'dancing'] as const;
const segments = (many: number): Segment[] =>
  Array.from({ length: many }, (_, i) => ({
    name: `part ${i}`,
    minutes: 30 + 20 * i,
    doing: DOINGS[i % 4],
    ground: i % 3 === 0 ? 'lawn-clay-moist' : 'oak',
    wet: false,
    turns: i % 4 === 3,
    formality: 3,
    seen: 0.5,
    heightMatters: false
  }));

export interface PlanFigures {
  pairs: number;
  parts: number;
  ways: number;
  ms: number;
}
function planned(pairs: number, parts: number): PlanFigures {
  const asked: PlanAsked = {
    foot,
    weightKg: 60,
    ankleReachDeg: 55,
    reachSchool: 'middle',
    segments: segments(parts),
    shoes: shoes(pairs),
    wishes: { partner: null, statureMm: 1650, longSkirt: false, hem: true, weights: { comfort: 1, risk: 1, look: 1 } }
  };
  const started = performance.now();
  const job = planOccasion(asked);
  let end: PlanEnd | undefined;
  while (!end) {
    const { done, value } = job.next();
    if (done) end = value;
  }
  return { pairs, parts, ways: end.considered, ms: performance.now() - started };
}

export function heelFigures(): { poses: number; reports: number; reportsOnGrass: number; plans: PlanFigures[] } {
  const worn = { weightKg: 60, doing: 'walking' as const, slopeDeg: 0, reachSchool: 'middle' as const, ankleReachDeg: 46, ground: null };
  const sits = { ballGirthMm: 225, ballGirthClearanceMm: 0, toeRoomMm: 10, friction: 0.4, letsThrough: 1 };
  const poses = rate((i) => void poseOn(foot, 20 + (i % 80)));
  const reports = rate((i) => void standOn(foot, made(i), worn, sits));
  const reportsOnGrass = rate((i) => void standOn(foot, made(i), { ...worn, ground: GROUND['lawn-clay-moist'] }, sits));
  planned(20, 3);
  return { poses, reports, reportsOnGrass, plans: [[50, 4], [MOST_PAIRS, 4], [MOST_PAIRS, 6], [MOST_PAIRS, 8]].map(([p, s]) => planned(p, s)) }; // prettier-ignore
}
