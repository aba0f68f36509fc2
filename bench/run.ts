/**
 * Benchmarks of the core. Absolute figures are printed and kept as JSON; only ratios within one run are asserted.
 * `npm run bench`
 */
import { slipFigures } from './slips';
import { writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { Bench } from 'tinybench';
import {
  checkFit,
  compare,
  compilePair,
  completeShoe,
  fitOnce,
  footAsWorn,
  NO_AIDS,
  ORDINARY_WEAR,
  POINTS,
  shoeAsWorn,
  rankAll,
  type WornFoot
} from '../core/src/fit';
import { compileShoe } from '../core/src/last';
import { STATIONS } from '../core/src/shape';
import { completeFoot } from '../core/src/measure';
import { convertFoot, convertLabel, SCALE_IDS } from '../core/src/size';
import { allStyles } from '../demo/lasts';
import { addDrawings } from './drawings';
import { heelFigures } from './heels';
import { pointeFigures } from './pointe';
import { learnFigures, planFigures, shopFigures } from './learn';
import { keepFigures } from './keep';
import { useFigures } from './use';
import { lastFigures } from './lasts';
import { rankFigures, stockOf } from './ranking';
import { polygonFigures } from './polygons';
import { benchMany } from './sizes';
import { freeOutlineFigures } from './free-outlines';
import { bruteForceRoom, pairOf } from '../core/tests/brute-force';

/** Honest sets the check of slips is tried on. */
const SLIP_SETS = 10_000;

const wear = { ...ORDINARY_WEAR, sockMm: 1 };
const feet = (['left', 'right'] as const).map((side, i) =>
  footAsWorn(completeFoot({ side, values: { lengthMm: { mm: 250 + i }, ballWidthMm: { mm: 92 }, ballGirthMm: { mm: 230 } }, toeShape: 'egyptian' }), wear)
);
/** Feet of which nothing has been worked out yet. */
const freshFeet = (): WornFoot[] => feet.map(({ foot }) => footAsWorn(foot, wear));
const shoe = completeShoe({ kind: 'oxford', insoleLengthMm: 268, toeShape: 'almond', ballGirthMm: 232 });
const stock = allStyles();
const all = [...SCALE_IDS];

const { dims } = feet[0];
const edge = { inner: new Float64Array(STATIONS + 2), outer: new Float64Array(STATIONS + 2) };
let pair = compilePair(dims, shoe, wear);

const bench = new Bench({ time: 1500, warmupTime: 300 });
let n = 0;
addDrawings(bench);
bench
  .add('one label read in one scale, every school', () => void convertLabel({ scale: 'us-w', size: 5 + (n++ % 12) / 2 }, ['us-m']))
  .add('one foot read in all 17 scales', () => void convertFoot({ lengthMm: 220 + (n++ % 60) }, all))
  .add('full fit: shoe compiled, foot placed, whole edge, every zone', () => {
    pair.shoe = compileShoe(shoe.inside, 0.5, pair.shoe);
    compare(dims, shoeAsWorn(shoe, wear, NO_AIDS), pair, true, edge);
  })
  .add('full fit with the foot compiled anew as well', () => {
    pair = compilePair(dims, shoe, wear, pair);
    compare(dims, shoeAsWorn(shoe, wear, NO_AIDS), pair, true, edge);
  })
  .add('fit for ranking and simulation: both compiled, toe region only', () => void fitOnce(dims, shoe, wear))
  .add('toe room by brute force (0.05 mm, 0.0005 rad)', () => void bruteForceRoom(pairOf(dims, shoe, wear)))
  .add(`opened candidate: both feet, ${POINTS.opened} points of doubt, remedies`, () => void checkFit(feet, shoe, wear));
await bench.run();

const perSecond = Object.fromEntries(bench.tasks.map((task) => [task.name, 1000 / (task.result as { latency: { mean: number } }).latency.mean]));
const started = performance.now();
const { candidates, considered } = rankAll(stock, feet, wear);
const rankMs = performance.now() - started;

for (const [name, rate] of Object.entries(perSecond))
  console.log(`${name.padEnd(72)} ${rate >= 100 ? Math.round(rate).toLocaleString('en') : rate.toFixed(2)} a second`);
console.log(
  `demo stockroom, ${stock.length} styles, ${considered} sizes and widths, both feet, with doubt and remedies: ${rankMs.toFixed(0)} ms (${candidates.length} candidates)`
);

/** How the cost of a ranking grows with the stockroom: the last of three runs, when the machine knows the code. */
const STOCKROOMS = [12_500, 25_000, 50_000];
const ranking = STOCKROOMS.map((items) => {
  const some = stockOf(stock, items);
  const [first, , last] = [0, 1, 2].map(() => rankFigures(some, freshFeet(), wear));
  return { ...last, coldMs: first.allMs };
});
for (const r of ranking)
  console.log(
    `ranking ${r.items.toLocaleString('en')} sizes and widths for two feet: first screenful ${r.firstMs.toFixed(0)} ms, the first hundred in order ${r.topMs.toFixed(0)} ms, all ${r.candidates} candidates ${r.allMs.toFixed(0)} ms (${r.coldMs.toFixed(0)} ms the first time); ${((1000 * r.allMs) / r.items).toFixed(1)} microseconds each`
  );

const many = benchMany();
console.log(`100,000 lines read and converted into four scales: ${many.rowsMs.toFixed(0)} ms, ${many.rowsMb.toFixed(0)} MB kept`);
console.log(`one label into four scales, every school, against the four sums alone by a general unit library: ${many.ratio.toFixed(1)} times as quick`);

const lasts = lastFigures(stock);
const thousands = (n: number): string => Math.round(n).toLocaleString('en');
console.log(
  `lasts: ${thousands(lasts.gradesPerSecond)} gradings, ${thousands(lasts.wallsPerSecond)} wall evaluations, ${thousands(lasts.comparisonsPerSecond)} comparisons, ${thousands(lasts.equivalentsPerSecond)} equivalent sizes a second; ${thousands(lasts.items)} sizes and widths graded in ${lasts.itemsMs.toFixed(0)} ms`
);

const polygons = polygonFigures();
console.log(
  `full fits against a general polygon library, same outlines (${polygons.vertices.foot} and ${polygons.vertices.shoe} vertices), same run: ${thousands(polygons.engine)} a second against ${polygons.library.toFixed(1)} toe rooms alone, ${thousands(polygons.ratio)} times`
);

const slips = slipFigures(SLIP_SETS);
const share = (part: number, of: number): string => `${((100 * part) / of).toFixed(1)} of 100`;
console.log(
  `slips of the tape, ${slips.sets} honest pairs of feet from another generator: false alarms ${share(slips.falseAlarms, slips.sets)}; of ${slips.made} single slips beyond five deviations found ${share(slips.found, slips.made)}, named with the right figure ${share(slips.explained, slips.made)}; waist taped as ball found ${share(slips.ballForWaist, slips.sets)}; sides exchanged found ${share(slips.exchanged.found, slips.sets)}, falsely ${share(slips.exchanged.falsely, slips.sets)}`
);

const heels = heelFigures();
console.log(
  `heels: ${thousands(heels.poses)} poses, ${thousands(heels.reports)} whole reports a second, ${thousands(heels.reportsOnGrass)} on soft ground; plans: ${heels.plans.map((p) => `${p.pairs} pairs, ${p.parts} parts ${p.ms.toFixed(0)} ms (${thousands(p.ways)} ways)`).join('; ')}`
);

const pointe = pointeFigures();
console.log(
  `pointe: ${thousands(pointe.specs)} sizes, marks and grades for two feet in ${pointe.warmMs.toFixed(0)} ms (${pointe.coldMs.toFixed(0)} with the boxes compiled anew), ${thousands(pointe.per100ms)} in 100 ms; ${thousands(pointe.reportsPerSecond)} whole reports of one foot a second`
);

const keep = keepFigures();
console.log(
  `keeping: what is due of ${thousands(keep.people)} people with ${thousands(keep.pairs)} pairs in ${keep.allMs.toFixed(0)} ms (${thousands(keep.found)} things); a line of 300 notes in ${keep.tallyMs.toFixed(2)}; a fortnight of turns of five pairs in ${keep.turnsMs.toFixed(1)}`
);
const use = useFigures();
console.log(
  `uses: ${thousands(use.styles)} styles judged for ${use.slowest} with a brace over it in ${use.bestMs.toFixed(1)} ms at best, ${use.medianMs.toFixed(1)} in the middle; placed with the fit ${use.placedMs.toFixed(1)}; ${thousands(use.toldPerSecond)} told whole a second`
);

const learn = learnFigures();
console.log(
  `learning: two feet behind ${learn.shoes} shoes, ${learn.words} words and a tape, in ${learn.bestMs.toFixed(0)} ms at best, ${learn.medianMs.toFixed(0)} in the middle`
);

const shop = shopFigures();
console.log(
  `learning: a shop of ${thousands(shop.people)} people, ${thousands(shop.pairs)} pairs and ${shop.lasts} lasts, one part of them in ${shop.sweeps} sweeps, ${shop.ms.toFixed(0)} ms; a tenth of the people ${shop.tenthMs.toFixed(0)} ms`
);
const plan = planFigures();
console.log(`learning: which pairs to send, of ${plan.styles} styles ${plan.manyMs.toFixed(0)} ms, of one ${plan.oneMs.toFixed(0)} ms`);

const results = {
  node: process.version,
  at: new Date().toISOString(),
  perSecond,
  rankMs,
  ranking,
  shop,
  plan,
  many,
  lasts,
  polygons,
  slips,
  heels,
  pointe,
  use,
  keep,
  learn,
  styles: stock.length,
  considered
};
writeFileSync(fileURLToPath(new URL('results.json', import.meta.url)), `${JSON.stringify(results, null, 2)}\n`);

/** Ratios that hold on any machine: what is quick must be quick for its reason. */
const rate = (start: string): number => Object.entries(perSecond).find(([name]) => name.startsWith(start))![1];
const free = freeOutlineFigures(stockOf(stock, 12_500));
console.log(
  `placing along free outlines: ${free.freeUs.toFixed(1)} us against ${free.familyUs.toFixed(1)} along families; ranking 12,500 with a third of the lasts traced: ${free.tracedRankedMs.toFixed(0)} ms against ${free.rankedMs.toFixed(0)}`
);
const RATIOS: readonly { what: string; ratio: number; least: number }[] = [
  { what: 'full fit over brute-force toe room', ratio: rate('full fit:') / rate('toe room by brute force'), least: 20 },
  { what: 'label conversion over a general unit library', ratio: many.ratio, least: 20 },
  { what: 'full fit over a general polygon library', ratio: polygons.ratio, least: 300 },
  { what: 'poses over whole heel reports', ratio: heels.poses / heels.reports, least: 2 },
  // Grades share what their box comes to, and no whole report is made for a list.
  { what: 'whole pointe reports over ranking the same', ratio: pointe.shared, least: 3 },
  // A list judges, and tells whole only what is in sight.
  { what: 'telling a shoe whole over judging it for a list', ratio: use.toldOverJudged, least: 5 },
  // Uses take no more than a tenth of what a ranking of as many styles takes anyway.
  { what: 'ranking 50,000 sizes and widths over judging and placing as many styles for a use', ratio: ranking[2].allMs / use.placedMs, least: 10 },
  // Shoes are cut down to the best of every part before pairs are tried: four times the shoes are not sixteen times the work.
  { what: 'plan of 50 pairs, sixteenfold, over one of 200', ratio: (16 * heels.plans[0].ms) / heels.plans[1].ms, least: 1 },
  // Cheaper than fitting every size and width once would be: the bound is what makes it so.
  { what: 'ranking over fitting all', ratio: (2 * ranking[2].items) / ranking[2].allMs / (rate('fit for ranking') / 1000), least: 1 },
  {
    what: 'cost of a size and width at 50,000 over that at 12,500',
    ratio: ranking[0].allMs / ranking[0].items / (ranking[2].allMs / ranking[2].items),
    least: 0.5
  },
  // Each person is a message of their own: ten times the people, at most ten times the work.
  { what: 'learning a tenth of a shop, tenfold, over learning it whole', ratio: (10 * shop.tenthMs) / shop.ms, least: 1 },
  // Each person is gone through by themselves: ten times the people are ten times the work.
  { what: 'what is due of a tenth, tenfold, over that of all', ratio: (10 * keep.tenthMs) / keep.allMs, least: 0.4 },
  { what: 'placing along families over along free outlines', ratio: free.familyUs / free.freeUs, least: 0.5 },
  { what: 'ranking by families over with a third traced', ratio: free.rankedMs / free.tracedRankedMs, least: 0.5 },
  { what: 'grading over full fit', ratio: lasts.gradesPerSecond / rate('full fit:'), least: 5 }
];
let failed = 0;
for (const { what, ratio, least } of RATIOS) {
  const ok = ratio >= least;
  if (!ok) failed++;
  console.log(`${ok ? 'holds' : 'FAILS'}: ${what} is ${ratio.toFixed(1)}, at least ${least}`);
}
const LIMITS = [
  { what: 'slips found', ok: slips.found / slips.made >= 0.95 },
  { what: 'false alarms under 2 of 100', ok: slips.falseAlarms / slips.sets < 0.02 }
];
for (const { what, ok } of LIMITS) {
  if (!ok) failed++;
  console.log(`${ok ? 'holds' : 'FAILS'}: ${what}`);
}
process.exitCode = failed > 0 ? 1 : 0;
