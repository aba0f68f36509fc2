import type { Point } from '@chiave/core/shape';
import { BRIDGES, followLine, MARGIN_MM, type Edge, type FollowedLine } from './follow-line';
import { Kept, UnreadableSheet, type Cv } from './opencv';
import { lineSd, pictureOf, seenStraight, type OnStep } from './read-sheet';
import { quarterTurned } from './quarter-turn';
import type { SheetId } from './sheets';
import { STRAIGHT_PX_PER_MM, type Picture } from './straight';

/** One of two sheets that lay edge to edge while the foot was traced across them. */
export interface HalfReading {
  /** The line from where it meets the seam to where it meets it again, mm: seam on y = 0, the sheet at y > 0, not mirrored. */
  points: Point[];
  straight: Picture;
  pxPerMm: number;
  /** Place of the straight picture in the seam's millimetres: turned by quarters, then moved. */
  turns: number;
  lineMm: number;
  sdMm: number;
}

const EDGES: readonly Edge[] = ['top', 'right', 'bottom', 'left'];
/** Quarter turns, clockwise as seen in a picture, that bring an edge to the top with the sheet below it. */
const TURNS: Readonly<Record<Edge, number>> = { top: 0, left: 1, bottom: 2, right: 3 };
/** The line is carried on to the seam along the direction of its last stretch, mm. */
const LAST_STRETCH_MM = 12;

/**
 * Reads one of two sheets: the line runs off one of its edges, which is found.
 * @throws UnreadableSheet with the reason
 */
export function readHalf(cv: Cv, picture: Picture, sheetId: SheetId, onstep: OnStep = () => {}): HalfReading {
  const kept = new Kept();
  try {
    const { straight, grey, leastMm2, seenPxPerMm } = seenStraight(cv, kept, picture, sheetId, onstep);
    onstep(0.6, 'following the line to the edge');
    if (lineOrNull(() => followLine(cv, kept, grey, { leastMm2, bridges: [BRIDGES[0]] }))) {
      throw new UnreadableSheet('The line on this sheet is closed: it is no half. Read it as a whole foot on one sheet.');
    }
    let found: { edge: Edge; line: FollowedLine }[] = [];
    for (const bridge of BRIDGES) {
      found = EDGES.flatMap((edge) => {
        const line = lineOrNull(() => followLine(cv, kept, grey, { leastMm2, closedBy: edge, bridges: [bridge] }));
        return line ? [{ edge, line }] : [];
      });
      if (found.length > 0) break;
    }
    if (found.length === 0) {
      throw new UnreadableSheet(
        'No line runs from an edge of the sheet round to the same edge: trace across both sheets while they lie edge to edge, and do not let the line break.'
      );
    }
    const { edge, line } = found.sort((p, q) => q.line.outline.length - p.line.outline.length)[0];
    const [widthMm, heightMm] = [straight.cols / STRAIGHT_PX_PER_MM, straight.rows / STRAIGHT_PX_PER_MM];
    const turned = line.outline.map((p) => quarterTurned(p, TURNS[edge], widthMm, heightMm));
    onstep(0.95, 'measuring');
    return {
      points: toSeam(turned, line.lineMm),
      straight: pictureOf(straight),
      pxPerMm: STRAIGHT_PX_PER_MM,
      turns: TURNS[edge],
      lineMm: line.lineMm,
      sdMm: lineSd(seenPxPerMm, line.lineMm)
    };
  } finally {
    kept.free();
  }
}

function lineOrNull(read: () => FollowedLine): FollowedLine | null {
  try {
    return read();
  } catch (error) {
    if (error instanceof UnreadableSheet) return null;
    throw error;
  }
}

/** Opens a line that an edge had closed: the stretch along the margin goes, both ends are carried on to the seam. */
function toSeam(points: readonly Point[], lineMm: number): Point[] {
  const clear = MARGIN_MM + lineMm + 1.5;
  const cut = points.findIndex((p, i) => p.y < clear && points[(i + 1) % points.length].y >= clear);
  const round = [...points.slice(cut + 1), ...points.slice(0, cut + 1)];
  const open = round.slice(
    0,
    round.findIndex((p) => p.y < clear)
  );
  if (open.length < 20) throw new UnreadableSheet('The line hardly leaves the edge of this sheet.');
  return [onSeam(open), ...open, onSeam([...open].reverse())];
}

/** Where the straight line through the first stretch meets y = 0. */
function onSeam(points: readonly Point[]): Point {
  const own = points.filter((p) => Math.hypot(p.x - points[0].x, p.y - points[0].y) < LAST_STRETCH_MM);
  const [mx, my] = [own.reduce((s, p) => s + p.x, 0) / own.length, own.reduce((s, p) => s + p.y, 0) / own.length];
  const slope = own.reduce((s, p) => s + (p.x - mx) * (p.y - my), 0) / own.reduce((s, p) => s + (p.y - my) ** 2, 0);
  return { x: mx - slope * my, y: 0 };
}
