import { ACCEPTED_LENGTH_MM, type Side, type TakenId } from '../measure';
import { contourOf, evenly, INNER_SHARE, longAxis, readContour, spread, toesApart, turned, type Point } from '../shape';

/** What a traced outline says of a foot. Coordinates of the outline: mm, any place and direction on the sheet. */
export interface OutlineReading {
  /** mm, by measure. Toe tips only where all five toes stand apart in the outline. */
  values: Partial<Record<TakenId, number>>;
  /** The outline in foot coordinates: x forward from the heel, y + to the inner side. */
  outline: Point[];
  /** Ends of the axis on the sheet: back of the heel and furthest toe. */
  axis: [Point, Point];
  /** Said when the outline looks like the other foot's. */
  doubt: string;
}

/**
 * Deviation of each measure read from an outline, mm: the picture's own, how pen and foot stood (1 mm), and for the ball lengths
 * that an outline shows where a foot bulges, not where its joints lie (2.5 mm) [estimates; see the bench of tracings].
 * @param pictureSdMm what the picture itself errs by
 */
export function outlineSd(id: TakenId, pictureSdMm: number): number {
  const own = id === 'ballLengthMm' || id === 'outerBallLengthMm' ? 2.5 : 0;
  return Math.hypot(pictureSdMm, 1, own);
}

/** An outline must be long enough and not too wide to be a foot's. */
const WIDTH_OF_LENGTH: readonly [number, number] = [0.25, 0.62];
/** Places along the foot, share of its length. */
const HEEL = [0.12, 0.18] as const;
const INNER_BALL = [0.64, 0.82] as const;
const OUTER_BALL = [0.54, 0.74] as const;
/** The axis leaves the heel's middle here and is found again from the ball this often. */
const HEEL_MIDDLE = 0.17;
const ROUNDS = 6;

/** The outermost place of one side between two shares of the length; where the edge runs flat, the middle of the flat. */
function bulge(points: readonly Point[], length: number, [from, to]: readonly [number, number], sign: 1 | -1): Point {
  const own = points.filter((p) => p.x >= from * length && p.x <= to * length);
  const furthest = Math.max(...own.map((p) => sign * p.y));
  const near = own.filter((p) => sign * p.y > furthest - 0.25);
  return { x: near.reduce((sum, p) => sum + p.x, 0) / near.length, y: sign * furthest };
}

/**
 * Reads a closed outline as a foot's: axis from the heel's middle to where it crosses the ball in the proportion of the
 * foot's model, then length, both ball lengths, widths and toe ends.
 * @param outline closed, mm, at least eight points; y up or down, as `mirrored` says
 * @param side which foot was traced, seen from above
 * @param mirrored true where y runs down, as in pictures and SVG
 * @throws RangeError in words when the outline is no foot's
 */
export function measureOutline(outline: readonly Point[], side: Side, mirrored = true): OutlineReading {
  if (outline.length < 8) throw new RangeError('an outline needs at least eight points');
  const flipped = mirrored ? outline.map(({ x, y }) => ({ x, y: -y })) : outline;
  const points = evenly(flipped);
  let angle = longAxis(points);
  // The ball lies nearer the toes: the wider half is the front.
  const laid = turned(points, angle);
  const [back, front] = spread(laid.map((p) => p.x));
  const widthAt = (share: number): number => {
    const x = back + share * (front - back);
    const [low, high] = spread(laid.filter((p) => Math.abs(p.x - x) < 2).map((p) => p.y));
    return high - low;
  };
  if (widthAt(0.3) + widthAt(0.35) > widthAt(0.7) + widthAt(0.65)) angle += Math.PI;
  // Toes forward, seen from above: the inner side of a left foot lies to the right, which is below the axis.
  const inward = side === 'left' ? -1 : 1;
  const inFoot = (at: number): { placed: Point[]; origin: Point } => {
    const turnedBy = turned(points, at);
    const backX = Math.min(...turnedBy.map((p) => p.x));
    const length = Math.max(...turnedBy.map((p) => p.x)) - backX;
    const heel = spread(turnedBy.filter((p) => Math.abs(p.x - backX - HEEL_MIDDLE * length) < 1.5).map((p) => p.y));
    const origin = { x: backX, y: (heel[0] + heel[1]) / 2 };
    return { placed: turnedBy.map((p) => ({ x: p.x - origin.x, y: inward * (p.y - origin.y) })), origin };
  };
  let placed: Point[] = [];
  let origin: Point = { x: 0, y: 0 };
  let length = 0;
  for (let round = 0; round <= ROUNDS; round++) {
    ({ placed, origin } = inFoot(angle));
    length = Math.max(...placed.map((p) => p.x));
    if (round === ROUNDS) break;
    const inner = bulge(placed, length, INNER_BALL, 1);
    const outer = bulge(placed, length, OUTER_BALL, -1);
    // The axis crosses the ball at its own share of the width; turn until it does.
    const crossing = inner.y - INNER_SHARE * (inner.y - outer.y);
    const ball = inner.x - INNER_SHARE * (inner.x - outer.x);
    angle += inward * Math.atan2(crossing, ball - HEEL_MIDDLE * length);
  }
  const width = spread(placed.map((p) => p.y));
  const share = (width[1] - width[0]) / length;
  if (!(length >= ACCEPTED_LENGTH_MM[0] && length <= ACCEPTED_LENGTH_MM[1]))
    throw new RangeError(`the outline is ${length.toFixed(0)} mm long; feet are ${ACCEPTED_LENGTH_MM.join(' to ')} mm`);
  if (share < WIDTH_OF_LENGTH[0] || share > WIDTH_OF_LENGTH[1])
    throw new RangeError(`the outline is ${(share * 100).toFixed(0)} hundredths as wide as long; no foot is`);

  const inner = bulge(placed, length, INNER_BALL, 1);
  const outer = bulge(placed, length, OUTER_BALL, -1);
  const heel = bulge(placed, length, HEEL, 1).y - bulge(placed, length, HEEL, -1).y;
  const tips = toesApart(placed)?.map((toe) => toe.x);
  const values: OutlineReading['values'] = {
    lengthMm: length,
    ballLengthMm: inner.x,
    outerBallLengthMm: outer.x,
    ballWidthMm: inner.y - outer.y,
    heelWidthMm: heel
  };
  tips?.forEach((x, i) => (values[`toe${i + 1}TipMm` as TakenId] = Math.max(0, length - x)));
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  const onSheet = (x: number, y: number): Point => ({ x: c * x - s * y, y: (mirrored ? -1 : 1) * (s * x + c * y) });
  return {
    values,
    outline: placed,
    axis: [onSheet(origin.x, origin.y), onSheet(origin.x + length, origin.y)],
    doubt: longerSide(placed, length) < 0 ? `This looks like the ${side === 'left' ? 'right' : 'left'} foot: its toes fall away on the inner side.` : ''
  };
}

/** Why a kept line cannot stand for a foot's outline, in words; null where it can. @param outline foot coordinates, mm */
export function footLineProblem(outline: readonly Point[], side: Side): string | null {
  try {
    measureOutline(outline, side, false);
    const { front, inner, outer } = readContour(contourOf(outline));
    const [low, high] = [Math.round(0.2 * inner.length), Math.round(0.8 * inner.length)];
    const sound = front.length >= 3 && inner.subarray(low, high).every((mm) => mm > 0) && outer.subarray(low, high).every((mm) => mm > 0);
    return sound ? null : 'the line does not lie along its foot: x runs forward from the heel, y to the inner side';
  } catch (error) {
    return (error as Error).message;
  }
}

/** The toes fall away to the outer side: area before the ball on the inner side less that on the outer, mm². */
function longerSide(points: readonly Point[], length: number): number {
  const reach = (sign: 1 | -1): number => Math.max(...points.filter((p) => sign * p.y > 0.12 * length).map((p) => p.x), 0);
  return reach(1) - reach(-1);
}

/**
 * An outline as SVG in millimetres, true to size, toes up, seen from above.
 * @param outline foot coordinates, mm: x forward, y to the inner side
 */
export function outlineSvg(outline: readonly Point[], side: Side, title: string): string {
  const [left, right] = spread(outline.map((p) => p.x));
  const [low, high] = spread(outline.map((p) => p.y));
  const margin = 5;
  const [w, h] = [high - low + 2 * margin, right - left + 2 * margin];
  // Seen from above with the toes up, the inner side of a left foot lies to the right.
  const across = (y: number): number => (side === 'left' ? y - low : high - y) + margin;
  const d = outline.map((p, i) => `${i === 0 ? 'M' : 'L'}${across(p.y).toFixed(2)} ${(right - p.x + margin).toFixed(2)}`).join('');
  const safe = title.replace(/[<>&"]/g, ' ');
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${w.toFixed(2)}mm" height="${h.toFixed(2)}mm" viewBox="0 0 ${w.toFixed(2)} ${h.toFixed(2)}"><title>${safe}</title><path d="${d}Z" fill="none" stroke="black" stroke-width="0.3"/></svg>\n`;
}
