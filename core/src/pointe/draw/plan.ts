import { footOutline, smoothClosed, smoothOpen, type Point } from '../../shape';
import { heightAt, JOINT_AT, jointAtMm, sectionGirth, throatAt, widthAt } from '../box';
import { bareShape, stationAt } from '../forefoot';
import type { InBox } from '../stand';
import { clamp, lerp, smooth } from './ramp';

/** One section across box and foot, mm: width across, height up from the sole. */
export interface PlanSection {
  atMm: number;
  box: Point[];
  standing: Point[];
  pressed: Point[];
  boxMm: { width: number; height: number; girth: number };
}
/** A foot laid flat in its shoe from above: t back from the platform's inner face, y to the inner side, mm. The shoe is straight. */
export interface PointePlan {
  outside: Point[];
  inside: Point[];
  throat: Point[];
  standing: Point[];
  pressed: Point[];
  /** Fillers under the shorter toes: where their middle is, how long and how wide. */
  fillers: { t: number; y: number; long: number; wide: number; mm: number }[];
  sections: PlanSection[];
}
/** The shoe behind the box: half-widths at shares of its length, of the joints' width, and of the heel's cloth at the end [model]. */
const BEHIND = [0.42, 0.475, 0.6, 0.36, 0.74, 0.335] as const;
const HEEL_AT = 0.86;
const WALL_MM = 2;
/** Between these, of the length behind the tips, the turn of the foot in the shoe fades out. */
const TURN_FADES = { from: 0.34, to: 0.76 } as const;
const SECTION = { top: 2.25, under: 3.4 } as const;
const TOES_AT_MM = 24;

/** Outline of a section: rounder on top than under. */
function section(width: number, height: number): Point[] {
  return Array.from({ length: 60 }, (_, i) => {
    const a = (i * Math.PI) / 30;
    const [c, s] = [Math.cos(a), Math.sin(a)];
    const n = s > 0 ? SECTION.top : SECTION.under;
    const r = (v: number): number => Math.sign(v) * Math.abs(v) ** (2 / n);
    return { x: (r(c) * width) / 2, y: height / 2 + (r(s) * height) / 2 };
  });
}

export function pointePlan({ foot, compiled, lateral, hold, on }: InBox): PointePlan {
  const { box } = compiled;
  const { lengthMm: L } = foot;
  const S = box.insideLengthMm;
  const flat = hold.flatMm;
  const side = (sign: 1 | -1, more: number): Point[] => {
    const points: Point[] = [];
    for (let t = 0; t <= jointAtMm(box) + 8; t += 6) points.push({ x: t, y: sign * (widthAt(box, t) / 2 + more) });
    for (let i = 0; i < BEHIND.length; i += 2) points.push({ x: BEHIND[i] * S, y: sign * (BEHIND[i + 1] * box.jointWidthMm + more) });
    const heel = box.heelWidthMm / 2 + more;
    points.push({ x: HEEL_AT * S, y: sign * heel }, { x: 0.95 * S, y: sign * heel * 0.78 });
    return points;
  };
  const around = (more: number): Point[] => {
    const ends = smoothOpen([...side(1, more), { x: S + more, y: 0 }, ...side(-1, more).reverse()], 4);
    return [{ x: -more, y: ends[0].y }, ...ends, { x: -more, y: ends[ends.length - 1].y }];
  };
  const outline = smoothClosed(footOutline(bareShape(foot.of)).knots, 4);
  const laid = (p: Point): Point => {
    const s = L - p.x;
    const fade = 1 - smooth((s / L - TURN_FADES.from) / (TURN_FADES.to - TURN_FADES.from));
    return { x: s + flat, y: p.y - lateral.off(Math.min(s, TURN_FADES.to * L)) * fade };
  };
  const standing = outline.map(laid);
  // What is stiff closes the foot: within the walls up to the wings, free behind them.
  const pressed = outline.map((p) => {
    const s = L - p.x;
    const free = smooth((s - 0.34 * L) / (0.2 * L));
    const { x, y } = laid({ x: p.x, y: p.y * lerp(foot.ratio, 1, free) });
    const wing = y > 0 ? box.wingMm : box.wingOuterMm;
    const shifted = y - lateral.shift(s) * (1 - free);
    const half = widthAt(box, Math.max(0, x)) / 2;
    const stiff = 1 - smooth((x - wing) / 30);
    return { x: Math.max(0.2, x), y: lerp(shifted, clamp(-half, shifted, half), stiff) };
  });
  const throat = [-1, 1].flatMap((sign) => {
    const line = Array.from({ length: 12 }, (_, i) => i / 17).map((a) => {
      const t = throatAt(box, a);
      return { x: t, y: sign * Math.sin((a * Math.PI) / 2) * (widthAt(box, Math.min(t, jointAtMm(box))) / 2) };
    });
    return sign < 0 ? line.reverse() : line.slice(1);
  });
  const fillers = foot.toes.flatMap(
    ({ drop, y, r }, i) =>
    on.fillersMm[i] > 0 ? [{ t: Math.max(0, drop + flat - on.fillersMm[i]), y: y * foot.ratio - lateral.off(drop + 6) - lateral.shift(drop + 6), long: on.fillersMm[i], wide: 2 * r, mm: on.fillersMm[i] }] : [] // prettier-ignore
  );
  const sectionAt = (atMm: number): PlanSection => {
    const s = clamp(2, atMm - flat, 104);
    const [width, height] = [widthAt(box, atMm), heightAt(box, atMm)];
    const footHeight = stationAt(foot.height, s);
    return {
      atMm,
      box: section(width, height),
      standing: section(stationAt(foot.widthStanding, s), footHeight),
      pressed: section(Math.min(stationAt(foot.width, s), width), Math.min(footHeight, height)),
      boxMm: { width, height, girth: sectionGirth(width, height) }
    };
  };
  return { outside: around(WALL_MM), inside: around(0), throat, standing, pressed, fillers, sections: [sectionAt(JOINT_AT * S), sectionAt(TOES_AT_MM)] };
}
