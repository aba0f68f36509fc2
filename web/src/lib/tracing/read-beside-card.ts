import type { Point } from '@chiave/core/shape';
import { measureOutline } from '@chiave/core/tracing';
import { findCard } from './find-card';
import { followLine } from './follow-line';
import { Kept, type Cv, type CvMat } from './opencv';
import { lineSd, opened, pictureOf, type OnStep, type SheetReading } from './read-sheet';
import { CARD } from './sheets';
import { perspective, shortSideFirst, STRAIGHT_PX_PER_MM, throughPerspective, type Picture } from './straight';

/** What the card's plane is looked at for around it, mm each way. */
const AROUND_MM = 420;
/** A child's foot traced, mm². */
const LEAST_MM2 = 4000;
/** How far a corner found may be off, pixels [estimate; see the bench of tracings]. */
const CORNER_SD_PX = 0.4;
/** Left out around the card: its shadow, mm. */
const SHADOW_MM = 4;

/**
 * Reads a tracing on paper of any size by a card lying beside it. All is measured from the card's four corners, so the error grows
 * with the distance from it; the deviation told is worked out from the corners of this very picture.
 * @throws UnreadableSheet with the reason
 */
export function readBesideCard(cv: Cv, picture: Picture, onstep: OnStep = () => {}): SheetReading {
  const kept = new Kept();
  try {
    onstep(0.1, 'looking for the card');
    const { rgba, grey } = opened(cv, kept, picture);
    const corners = shortSideFirst(findCard(cv, kept, grey));
    onstep(0.35, 'taking the perspective out');
    const { transform, width, height } = toMillimetres(cv, kept, corners, picture);
    const size = new cv.Size(width, height);
    const straight = kept.keep(new cv.Mat());
    cv.warpPerspective(rgba, straight, transform, size, cv.INTER_CUBIC, cv.BORDER_REPLICATE);
    const straightGrey = kept.keep(new cv.Mat());
    cv.cvtColor(straight, straightGrey, cv.COLOR_RGBA2GRAY);
    onstep(0.6, 'following the line');
    const { outline, lineMm } = followLine(cv, kept, straightGrey, {
      leastMm2: LEAST_MM2,
      without: [grown(throughPerspective(transform, corners))],
      accept: isFoot
    });
    onstep(0.9, 'measuring');
    const ends = furthest(outline).map(({ x, y }) => ({ x: x * STRAIGHT_PX_PER_MM, y: y * STRAIGHT_PX_PER_MM }));
    const seenPxPerMm = Math.hypot(corners[1].x - corners[2].x, corners[1].y - corners[2].y) / CARD.longMm;
    const sdMm = Math.hypot(lineSd(seenPxPerMm, lineMm), lengthSd(cv, kept, corners, transform, ends));
    return { outline, straight: pictureOf(straight), pxPerMm: STRAIGHT_PX_PER_MM, lineMm, sdMm };
  } finally {
    kept.free();
  }
}

/** The card's place in its own plane, pixels of the straight picture. */
const cardAt = (x: number, y: number): Point[] => {
  const [w, h] = [CARD.shortMm * STRAIGHT_PX_PER_MM, CARD.longMm * STRAIGHT_PX_PER_MM];
  return [
    { x, y },
    { x: x + w, y },
    { x: x + w, y: y + h },
    { x, y: y + h }
  ];
};

/** The transform that shows the card's plane straight, as far as the picture reaches. */
function toMillimetres(cv: Cv, kept: Kept, corners: readonly Point[], picture: Picture): { transform: CvMat; width: number; height: number } {
  const plain = perspective(cv, kept, corners, cardAt(0, 0));
  const seen = throughPerspective(plain, [
    { x: 0, y: 0 },
    { x: picture.width, y: 0 },
    { x: picture.width, y: picture.height },
    { x: 0, y: picture.height }
  ]);
  const most = AROUND_MM * STRAIGHT_PX_PER_MM;
  const within = (v: number): number => Math.max(-most, Math.min(most, v));
  const [xs, ys] = [seen.map((p) => within(p.x)), seen.map((p) => within(p.y))];
  const [x0, y0] = [Math.floor(Math.min(...xs)), Math.floor(Math.min(...ys))];
  return {
    transform: perspective(cv, kept, corners, cardAt(-x0, -y0)),
    width: Math.ceil(Math.max(...xs)) - x0,
    height: Math.ceil(Math.max(...ys)) - y0
  };
}

/** How far the length would be off if each corner of the card were off by its deviation, mm. */
function lengthSd(cv: Cv, kept: Kept, corners: readonly Point[], transform: CvMat, ends: readonly Point[]): number {
  const to = throughPerspective(transform, corners);
  const back = kept.keep(new cv.Mat());
  cv.invert(transform, back);
  const inPicture = throughPerspective(back, ends);
  const lengthBy = (from: readonly Point[]): number => {
    const [p, q] = throughPerspective(perspective(cv, kept, from, to), inPicture);
    return Math.hypot(p.x - q.x, p.y - q.y) / STRAIGHT_PX_PER_MM;
  };
  const plain = lengthBy(corners);
  let sum = 0;
  for (let i = 0; i < 4; i++) {
    for (const axis of ['x', 'y'] as const) {
      const moved = corners.map((c, k) => (k === i ? { ...c, [axis]: c[axis] + CORNER_SD_PX } : c));
      sum += (lengthBy(moved) - plain) ** 2;
    }
  }
  return Math.sqrt(sum);
}

/** The two points of an outline furthest from each other, near enough: from the middle, then from that point. */
function furthest(outline: readonly Point[]): [Point, Point] {
  const from = (p: Point): Point => outline.reduce((best, q) => (Math.hypot(q.x - p.x, q.y - p.y) > Math.hypot(best.x - p.x, best.y - p.y) ? q : best), p);
  const one = from(outline[0]);
  return [one, from(one)];
}

/** A polygon grown away from its middle. */
function grown(polygon: readonly Point[]): Point[] {
  const middle = { x: polygon.reduce((s, p) => s + p.x, 0) / polygon.length, y: polygon.reduce((s, p) => s + p.y, 0) / polygon.length };
  return polygon.map((p) => {
    const far = Math.hypot(p.x - middle.x, p.y - middle.y);
    const share = 1 + (SHADOW_MM * STRAIGHT_PX_PER_MM) / far;
    return { x: middle.x + (p.x - middle.x) * share, y: middle.y + (p.y - middle.y) * share };
  });
}

/** The paper's own edge and boxes drawn on it are no feet. */
function isFoot(outline: readonly Point[]): boolean {
  try {
    measureOutline(outline, 'left');
    return true;
  } catch (error) {
    if (error instanceof RangeError) return false;
    throw error;
  }
}
