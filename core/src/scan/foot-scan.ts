import { TOE_TIP_IDS, type Load, type Side } from '../measure';
import { contourOf, readContour, turned, type Point } from '../shape';
import { measureOutline, type OutlineReading } from '../tracing';
import { inwardOf, measureScan, type ScanValues } from './measure-scan';
import { planLine } from './plan-line';
import { ScanRefused } from './refusal';
import { LOW_OF_LENGTH } from './limits';
import type { SetScan } from './set';

/** A scanned foot read whole: laid along the same axis as a traced one, with its line on the floor and what was measured. */
export interface FootScan {
  side: Side;
  set: SetScan;
  /** Its line on the floor as the scanner saw it, foot coordinates: x forward from the heel, y to the inner side, mm. */
  line: Point[];
  /** True where five toes stand apart in the line. */
  apart: boolean;
  values: ScanValues;
}

/** Where toes lie that a scan shows apart, mm [model]. */
const TIP_SD_MM = 1;
/** How high the end of a toe is shown, mm. */
const TIP_OFF_FLOOR_MM = 9;

/**
 * Reads a scanned foot: its line, its toes, its measures.
 * @param set as `setDown` left it
 * @param side which foot it is
 * @param load weight on it while it was scanned
 * @throws ScanRefused where its line is no foot's
 */
export function footScan(set: SetScan, side: Side, load: Load, jitterMm: number): FootScan {
  const reading = read(planLine(set.mesh, LOW_OF_LENGTH * set.lengthMm), side);
  const laid = alongAxis(set, reading.axis);
  const line = reading.outline;
  const contour = readContour(contourOf(line));
  const values = measureScan(laid, side, { load, jitterMm, toes: contour.toes });
  // Lengths and widths are read on the surface itself; the line adds where each toe ends.
  contour.toes.forEach(({ x, y }, i) => {
    const mm = reading.values[TOE_TIP_IDS[i]];
    if (mm !== undefined) values[TOE_TIP_IDS[i]] = { mm, sdMm: TIP_SD_MM, line: [[x, inwardOf(side) * y, TIP_OFF_FLOOR_MM]] };
  });
  return { side, set: laid, line, apart: contour.apart, values };
}

function read(line: readonly Point[], side: Side): OutlineReading {
  try {
    return measureOutline(line, side, false);
  } catch {
    throw new ScanRefused('no-foot');
  }
}

/** A scan turned on the floor until its x runs along an axis, from the back of the heel. */
function alongAxis(set: SetScan, [heel, toe]: readonly [Point, Point]): SetScan {
  const angle = Math.atan2(toe.y - heel.y, toe.x - heel.x);
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  const { points, triangles } = set.mesh;
  const own = turned([heel], angle)[0];
  const out = new Float32Array(points.length);
  let [back, front] = [Infinity, -Infinity];
  for (let p = 0; p < points.length; p += 3) {
    out[p] = c * points[p] + s * points[p + 1];
    out[p + 1] = c * points[p + 1] - s * points[p] - own.y;
    out[p + 2] = points[p + 2];
    if (out[p + 2] >= LOW_OF_LENGTH * set.lengthMm) continue;
    back = Math.min(back, out[p]);
    front = Math.max(front, out[p]);
  }
  for (let p = 0; p < out.length; p += 3) out[p] -= back;
  const [ahead, across, up] = set.rows;
  const mix = (a: number, b: number): SetScan['shift'] => [a * ahead[0] + b * across[0], a * ahead[1] + b * across[1], a * ahead[2] + b * across[2]];
  const [sx, sy, sz] = set.shift;
  return {
    ...set,
    mesh: { points: out, triangles },
    lengthMm: front - back,
    rows: [mix(c, s), mix(-s, c), up],
    shift: [c * sx + s * sy + back, c * sy - s * sx + own.y, sz]
  };
}
