import { ZONE, type FitDrawing, type FootFit, type ZoneFit } from '@chiave/core/fit';
import type { Point } from '@chiave/core/shape';
import { wordOf } from '../tightness';

/** What is said beside a foot, with the place on it that is meant. */
export interface CallOut {
  zone: ZoneFit;
  word: string;
  at: Point;
  /** Height of its words on the sheet. */
  y: number;
}

/** At most so many a foot: where it is worst. */
const MOST = 2;
/** Height that the words of one take: its figure and two lines under it, with some air. */
export const TALL = 66;

/** Where a zone lies on a foot that is laid in a shoe, mm. */
export function zonePlace({ foot, toes, firstToe, inner, outer }: FitDrawing, id: ZoneFit['zone']): Point {
  const at = ZONE[id].place;
  if (at === 'first-toe') return toes[firstToe];
  const { along, across } = at;
  const heel = foot.knots[0].x;
  const x = heel + along * (Math.max(...foot.toes.map((t) => t.tip.x)) - heel);
  const nearest = (edge: readonly Point[]): Point => edge.reduce((a, p) => (Math.abs(p.x - x) < Math.abs(a.x - x) ? p : a));
  // At the toes' sides the narrowest place is meant, wherever along them it is.
  const [i, o] = [nearest(inner), nearest(outer)];
  return { x, y: o.y + ((across + 1) / 2) * (i.y - o.y) };
}

/** How far a zone is from being right, in bands. */
const off = (z: ZoneFit): number => Math.abs(z.target.b <= z.clearanceMm && z.clearanceMm <= z.target.c ? 0 : z.clearanceMm < z.target.b ? (z.target.b - z.clearanceMm) / Math.max(0.5, z.target.b - z.target.a) : (z.clearanceMm - z.target.c) / Math.max(0.5, z.target.d - z.target.c)); // prettier-ignore

/**
 * The worst places of one foot with where their words stand: beside the place meant, pushed apart where they would lie on each other.
 * @param place from the shoe's millimetres to the sheet
 * @param top,bottom between which words may stand
 */
export function callOuts(fit: FootFit | undefined, drawing: FitDrawing, place: (p: Point) => Point, top: number, bottom: number): CallOut[] {
  const worst = (fit?.zones ?? [])
    .filter((z) => ZONE[z.zone].decides && z.state !== 'right' && Number.isFinite(z.clearanceMm))
    .sort((a, b) => off(b) - off(a))
    .slice(0, MOST)
    .map((zone) => {
      const at = place(zonePlace(drawing, zone.zone));
      return { zone, word: wordOf(zone.state), at, y: Math.min(bottom, Math.max(top, at.y)) };
    })
    .sort((a, b) => a.y - b.y);
  for (let i = 1; i < worst.length; i++) worst[i].y = Math.max(worst[i].y, worst[i - 1].y + TALL);
  const over = (worst.at(-1)?.y ?? 0) - bottom;
  if (over > 0) for (const c of worst) c.y -= over;
  return worst;
}
