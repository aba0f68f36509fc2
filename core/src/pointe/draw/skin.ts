import { smoothOpen, type Point } from '../../shape';
import type { Chain } from '../over';
import { clamp, hump } from './ramp';

/** A foot and leg from the inner side, flat, thousandths of the length: sole, toe's end, top, and the back of the leg [model, looked at]. */
const th = (flat: readonly number[]): Point[] => Array.from({ length: flat.length / 2 }, (_, i) => ({ x: flat[2 * i] / 1000, y: flat[2 * i + 1] / 1000 }));
// prettier-ignore
export const SKIN = {
  sole: th([0, 105, 5, 60, 27, 20, 72, 1, 130, 0, 190, 5, 265, 27, 355, 50, 450, 58, 545, 44, 625, 17, 685, 2, 733, 0, 775, 4, 812, 13, 850, 11, 900, 1, 950, 1]),
  toe: th([984, 12, 1000, 38, 995, 59, 974, 73, 935, 80]),
  top: th([890, 84, 850, 90, 812, 101, 768, 119, 718, 143, 650, 174, 580, 207, 505, 246, 450, 279, 410, 315, 383, 360, 366, 425, 355, 520, 353, 660, 360, 830, 366, 1000, 369, 1180, 366, 1360, 357, 1560]),
  back: th([-56, 1560, -82, 1400, -78, 1240, -49, 1070, -10, 910, 26, 770, 50, 650, 62, 545, 62, 455, 52, 370, 38, 295, 21, 232, 7, 168])
} as const;
/** Height of the sole's skin at a place, between its knots. */
export function soleSkinAt(x: number): number {
  const s = SKIN.sole;
  if (x <= s[3].x) return 0;
  for (let i = 4; i < s.length; i++) if (x <= s[i].x) return s[i - 1].y + ((s[i].y - s[i - 1].y) * (x - s[i - 1].x)) / (s[i].x - s[i - 1].x);
  return 0;
}
/** Front and back of leg and instep at a height. */
export function legAt(y: number): { front: number; back: number } {
  const at = (line: readonly Point[]): number => {
    for (let i = 1; i < line.length; i++) {
      const [p, q] = [line[i - 1], line[i]];
      if ((p.y - y) * (q.y - y) <= 0 && p.y !== q.y) return p.x + ((q.x - p.x) * (y - p.y)) / (q.y - p.y);
    }
    return line[line.length - 1].x;
  };
  return { front: at(SKIN.top), back: at([...SKIN.back].reverse()) };
}
/** How far a leg is drawn up, of the length. */
export const LEG_UPTO = 1.56;

export interface SkinIn {
  /** Where the platform's inner face stands, of the length from the heel; the pulp is pressed flat against it. */
  faceAt: number;
  /** Height of the box's lid over a place, of the length; none above the vamp. */
  lid: (x: number) => number | null;
}
/** The flat outline with what a pose makes of it: the arch fills, skin folds over the heel, the pulp is pressed. Open, from the back's top round. */
export function skinLine({ fore, hind, shin }: Chain, { faceAt, lid }: SkinIn): Point[] {
  const line = smoothOpen([...[...SKIN.back], ...SKIN.sole, ...SKIN.toe, ...SKIN.top], 5);
  return line.map(({ x, y }) => {
    let [px, py] = [x, y];
    if (y < 0.1) py -= 0.0008 * (fore - hind) * hump(x, 0.27, 0.39) * clamp(0, 1.4 - y / 0.07, 1);
    const folds = Math.min(36, hind - shin - 12);
    if (folds > 0) px -= 0.0007 * folds * hump(y, 0.2, 0.3) * clamp(0, (0.16 - x) / 0.1, 1);
    if (px > faceAt - 0.012) {
      const over = Math.max(0, px - (faceAt - 0.012));
      px = faceAt - 0.012 * Math.exp(-over / 0.012);
    }
    const top = x > 0.6 && y > 0.06 ? lid(px) : null;
    if (top !== null) py = Math.min(py, top);
    return { x: px, y: py };
  });
}
