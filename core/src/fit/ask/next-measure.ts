import { shoeAsWorn } from '../room';
import { NO_AIDS } from '../zones';
import { fitCell } from '../rank';
import { chanceOf } from '../doubt';
import type { InsideSd, Shoe, Wear, WornFoot } from '../shoe';
import { targetsFor } from '../judge';
import { MEASURE, MEASURES, readingSd, usualWay, type MeasureId } from '../../measure';

/** What is worth measuring next, so that it is known better whether a shoe fits. */
export interface NextMeasure {
  what: 'foot' | 'shoe';
  id: MeasureId | keyof InsideSd;
  name: string;
  /** Deviation now, and once it is measured, mm. */
  fromSdMm: number;
  toSdMm: number;
  /** Chance that every zone lies within its limits as it is known now, and if the measurement comes out as is expected. */
  chanceNow: number;
  chanceThen: number;
  /** How much of the doubt it takes away, 0 to 1. */
  settles: number;
}

/** What a measurement of a shoe's inside comes to, mm [estimate]: stick, tape, calliper, and an insole traced. */
const SHOE_MEASURED: Readonly<Record<keyof InsideSd, { name: string; sdMm: number }>> = {
  lengthMm: { name: 'the insole’s length', sdMm: 1 },
  girthMm: { name: 'the inside girth at the ball', sdMm: 2 },
  widthMm: { name: 'the insole’s width at the ball', sdMm: 1 },
  taperMm: { name: 'where the toe begins to taper', sdMm: 1 },
  ballLineMm: { name: 'where the shoe bends', sdMm: 1 },
  depthMm: { name: 'the depth over the toes', sdMm: 0.5 }
};
/** A measurement that makes nothing at least this much surer is not asked for. */
const WORTH = 1.25;
/** Below this chance that it is not as the figures say there is nothing to settle. */
const LEAST_DOUBT = 0.15;
/** What settles less than this share of the doubt is not worth the customer's time. */
const LEAST_SETTLED = 0.04;

/** A foot as it would be known with a measure taken, if it comes out as is expected. */
function measuredAt(worn: WornFoot, id: MeasureId, sdMm: number): WornFoot {
  const { foot, sd } = worn;
  if (sd[id] <= sdMm) return worn;
  const value = { ...foot.values[id], how: usualWay(id), sdMm };
  return { ...worn, foot: { ...foot, values: { ...foot.values, [id]: value } }, sd: { ...sd, [id]: sdMm } };
}

const POINTS = 512;
/** Chance that it is not as the figures say. */
const doubtLeft = (p: number, fits: boolean): number => (fits ? 1 - p : p);

/**
 * Which single measurement, of both feet or of the shoe, leaves the least doubt of what the figures say, if it comes out as expected.
 * @returns best first; none where nothing would settle much
 */
export function nextMeasures(feet: readonly WornFoot[], shoe: Shoe, wear: Wear): NextMeasure[] {
  const targets = targetsFor(shoe, wear);
  const { fits, seen } = fitCell({ size: 0, width: '', shoe, targets, asWorn: shoeAsWorn(shoe, wear, NO_AIDS) }, feet, wear);
  const chance = (some: readonly WornFoot[], it: Shoe): number => chanceOf(some, it, wear, targets, seen, POINTS);
  const now = chance(feet, shoe);
  const before = doubtLeft(now, fits);
  if (before < LEAST_DOUBT) return [];
  const found: NextMeasure[] = [];
  const add = (what: NextMeasure['what'], id: NextMeasure['id'], name: string, fromSdMm: number, toSdMm: number, then: () => number): void => {
    if (fromSdMm < toSdMm * WORTH) return;
    const chanceThen = then();
    found.push({ what, id, name, fromSdMm, toSdMm, chanceNow: now, chanceThen, settles: 1 - doubtLeft(chanceThen, fits) / before });
  };
  for (const { id } of MEASURES.filter((m) => m.decides)) {
    const from = Math.max(...feet.map((f) => f.sd[id]));
    const to = readingSd(id, usualWay(id));
    add('foot', id, MEASURE[id].name.toLowerCase(), from, to, () =>
      chance(
        feet.map((f) => measuredAt(f, id, to)),
        shoe
      )
    );
  }
  for (const [id, { name, sdMm }] of Object.entries(SHOE_MEASURED) as [keyof InsideSd, { name: string; sdMm: number }][])
    add('shoe', id, name, shoe.sd[id], sdMm, () => chance(feet, { ...shoe, sd: { ...shoe.sd, [id]: Math.min(shoe.sd[id], sdMm) } }));
  return found.filter((m) => m.settles >= LEAST_SETTLED).sort((p, q) => q.settles - p.settles);
}
