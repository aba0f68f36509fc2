import { blankFootShape, compileFootShape, type FootShape } from '../shape';
import type { ExtraId, Foot } from '../measure';
import { heightFrom, sectionGirth } from './box';
import { POUCH, YIELD, type PouchId, type YieldId } from './choices';

/** One foot as the pointe bench needs it; what was not taken is filled in, and named. Forces and angles are model figures. */
export interface PointeFoot {
  foot: Foot;
  pressedGirthMm: number;
  pressedWidthMm: number;
  seatedWidthMm: number;
  /** Tip of the big toe to the crease at its joint. */
  bigToeLengthMm: number;
  /** Width across the toe tips, where it was taken. */
  tipSpanMm: number | null;
  /** Pointing of ankle and midfoot together; the over-the-box sums need it. */
  pointReachDeg: number | null;
  demiReachDeg: number;
  /** Single-leg rises in a row. */
  rises: number;
  weightKg: number;
  hypermobile: boolean;
  /** Rolls to either side on pointe. */
  rolls: boolean;
  /** Codes of what was filled in. */
  filled: readonly PointeGapId[];
}
/** What may be missing of a foot, in the trade's words. */
export const POINTE_GAPS = [
  { id: 'pressed-girth', name: 'ball girth pressed by hand' },
  { id: 'pressed-width', name: 'ball width pressed by hand' },
  { id: 'seated-width', name: 'ball width seated' },
  { id: 'big-toe', name: 'big toe length' },
  { id: 'reach', name: 'point reach' },
  { id: 'demi', name: 'demi-pointe reach' },
  { id: 'rises', name: 'single-leg rises' },
  { id: 'weight', name: 'body weight' }
] as const;
export type PointeGapId = (typeof POINTE_GAPS)[number]['id'];

/** What is put in where it was not taken [model]. */
const USUAL = { seatedLessMm: 3, crease: 0.245, demiDeg: 75, rises: 20, weightKg: 50 } as const;
/** What is asked of a dancer beside the measures of the foot. */
export interface Dancer {
  yields?: YieldId;
  weightKg?: number | null;
  hypermobile?: boolean;
  rolls?: boolean;
}

/** A foot with everything the bench needs. @param extras what was taken beside the measures of the outline, mm, degrees or a count */
export function pointeFootOf(
  foot: Foot,
  extras: Partial<Record<ExtraId, number>>,
  { yields = 'medium', weightKg, hypermobile, rolls }: Dancer = {}
): PointeFoot {
  const filled: PointeGapId[] = [];
  const or = (id: PointeGapId, taken: number | null | undefined, usual: number): number => {
    if (taken !== null && taken !== undefined) return taken;
    filled.push(id);
    return usual;
  };
  const [girth, width, L] = [foot.values.ballGirthMm.mm, foot.values.ballWidthMm.mm, foot.values.lengthMm.mm];
  if (extras.pointReachDeg === undefined) filled.push('reach');
  return {
    foot,
    pressedGirthMm: or('pressed-girth', extras.pressedBallGirthMm, girth * YIELD[yields].girth),
    pressedWidthMm: or('pressed-width', extras.pressedBallWidthMm, width * YIELD[yields].width),
    seatedWidthMm: or('seated-width', extras.ballWidthSeatedMm, width - USUAL.seatedLessMm),
    bigToeLengthMm: or('big-toe', extras.bigToeLengthMm, USUAL.crease * L),
    tipSpanMm: extras.tipSpanMm ?? null,
    pointReachDeg: extras.pointReachDeg ?? null,
    demiReachDeg: or('demi', extras.demiReachDeg, USUAL.demiDeg),
    rises: or('rises', extras.rises, USUAL.rises),
    weightKg: or('weight', weightKg, USUAL.weightKg),
    hypermobile: hypermobile ?? false,
    rolls: rolls ?? false,
    filled
  };
}

/** What is worn around and between the toes, mm as bought. */
export interface Pads {
  pouch?: PouchId;
  pouchMm?: number;
  spacersMm?: number;
  bunionPadMm?: number;
  tipMm?: number;
}

/** Stations behind the longest toe's tip, mm. */
export const STATIONS = Array.from({ length: 54 }, (_, i) => 1 + 2 * i);
export const STATION_MM = 2;

/** A toe seen against the box: how far it ends behind the longest, where its tip lies (inner side +), half its width. */
export interface Toe {
  drop: number;
  y: number;
  r: number;
}
/** The forefoot at its stations: widths and girths free of load (on pointe) and standing, padded, and what a hand closes of them. */
export interface Forefoot {
  of: PointeFoot;
  lengthMm: number;
  inner: Float64Array;
  outer: Float64Array;
  width: Float64Array;
  girth: Float64Array;
  widthStanding: Float64Array;
  girthStanding: Float64Array;
  height: Float64Array;
  /** Strain that the fitter's hand makes, of girth and width. */
  closesGirth: Float64Array;
  closesWidth: Float64Array;
  toes: readonly Toe[];
  /** Width free of load over width standing. */
  ratio: number;
  /** What stands before the toes, mm. */
  tipPadMm: number;
  toeHeightMm: number;
}

const HEIGHT = { toesTo: 0.05, ballAt: 0.3, rises: 0.28, usualToes: 0.085 } as const;
const clamp = (low: number, x: number, high: number): number => Math.min(high, Math.max(low, x));
/** Height of the foot behind the tips, mm. */
function heightOf(s: number, L: number, toes: number, ball: number): number {
  const [from, to] = [HEIGHT.toesTo * L, HEIGHT.ballAt * L];
  if (s < from) return toes * Math.sqrt(1 - (1 - s / from) ** 2);
  return s < to ? toes + ((ball - toes) * (s - from)) / (to - from) : ball + HEIGHT.rises * (s - to);
}
/** Reach of one side of the foot at a station, mm from the axis; before the side's stations begin, its first. */
function halfAt(shape: FootShape, half: Float64Array, x: number): number {
  const xs = shape.stationX;
  let i = 1;
  while (i < xs.length - 1 && xs[i] < x) i++;
  const t = clamp(0, (x - xs[i - 1]) / (xs[i] - xs[i - 1]), 1);
  return half[i - 1] + t * (half[i] - half[i - 1]);
}
const SPAN = { s: 0.2, low: 0.85, high: 1.15, at: 15 } as const;
const HAND = { girth: [0.012, 0.1], width: [0.02, 0.15], toesMore: 0.3, toesAt: 0.24, over: 0.06 } as const;
const PAD = { pouchTo: 60, over: 15, spacersTo: 0.22, spacersOver: 10, bunion: 0.055 } as const;

/** The bare foot's outline, standing. */
export function bareShape({ foot }: PointeFoot): FootShape {
  const { values } = foot;
  return compileFootShape(
    {
      lengthMm: values.lengthMm.mm,
      ballLengthMm: values.ballLengthMm.mm,
      outerBallLengthMm: values.outerBallLengthMm.mm,
      ballWidthMm: values.ballWidthMm.mm,
      heelWidthMm: values.heelWidthMm.mm,
      toeShape: foot.toeShape,
      toeTipsMm: foot.toeTipsMm,
      bunionMm: foot.bunionMm,
      littleToeBunionMm: foot.littleToeBunionMm
    },
    0,
    blankFootShape()
  );
}

/** Compiles a forefoot with what is worn around it. */
export function compileForefoot(of: PointeFoot, pads: Pads = {}): Forefoot {
  const { values } = of.foot;
  const [L, W, G] = [values.lengthMm.mm, values.ballWidthMm.mm, values.ballGirthMm.mm];
  const shape = bareShape(of);
  const ratio = of.seatedWidthMm / W;
  const G0 = G - (W - of.seatedWidthMm);
  const ball = { free: heightFrom(G0, of.seatedWidthMm), standing: heightFrom(G, W) };
  const handG = clamp(HAND.girth[0], (G0 - of.pressedGirthMm) / G0, HAND.girth[1]);
  const handW = clamp(HAND.width[0], (of.seatedWidthMm - of.pressedWidthMm) / of.seatedWidthMm, HAND.width[1]);
  const pouch = (pads.pouchMm ?? 0) * (pads.pouch ? POUCH[pads.pouch].stays : 1);
  const span =
    of.tipSpanMm === null ? 1 : clamp(SPAN.low, of.tipSpanMm / (halfAt(shape, shape.inner, L - SPAN.at) + halfAt(shape, shape.outer, L - SPAN.at)), SPAN.high);
  const toeHeightMm = values.toeHeightMm.mm;
  const n = STATIONS.length;
  const array = (): Float64Array => new Float64Array(n);
  const out = {
    inner: array(),
    outer: array(),
    width: array(),
    girth: array(),
    widthStanding: array(),
    girthStanding: array(),
    height: array(),
    closesGirth: array(),
    closesWidth: array()
  };
  for (let i = 0; i < n; i++) {
    const s = STATIONS[i];
    const x = L - s;
    const spans = s < SPAN.s * L ? span : 1;
    const around = pouch * clamp(0, (PAD.pouchTo - s) / PAD.over, 1);
    const between = (pads.spacersMm ?? 0) * clamp(0, (PAD.spacersTo * L - s) / PAD.spacersOver, 1);
    const atBunion = (x - values.ballLengthMm.mm) / (PAD.bunion * L);
    const beside = Math.abs(atBunion) < 1 ? (pads.bunionPadMm ?? 0) * (1 - atBunion * atBunion) ** 2 : 0;
    const inner = halfAt(shape, shape.inner, x) * spans;
    const outer = halfAt(shape, shape.outer, x) * spans;
    const padded = (by: number): number => (inner + outer) * by + 2 * around + between + beside;
    out.inner[i] = inner * ratio + around + between / 2 + beside;
    out.outer[i] = outer * ratio + around + between / 2;
    out.width[i] = padded(ratio);
    out.widthStanding[i] = padded(1);
    out.height[i] = heightOf(s, L, toeHeightMm, ball.free) + 2 * around;
    out.girth[i] = sectionGirth(out.width[i], out.height[i]);
    out.girthStanding[i] = sectionGirth(out.widthStanding[i], heightOf(s, L, toeHeightMm, ball.standing) + 2 * around);
    const toes = 1 + HAND.toesMore * clamp(0, (HAND.toesAt * L - s) / (HAND.over * L), 1);
    out.closesGirth[i] = handG * toes;
    out.closesWidth[i] = handW * toes;
  }
  const longest = Math.max(...shape.tip);
  const toes = [0, 1, 2, 3, 4].map((i) => ({ drop: longest - shape.tip[i], y: shape.centre[i] * span, r: shape.radius[i] }));
  return { of, lengthMm: L, ...out, toes, ratio, tipPadMm: (pads.tipMm ?? 0) + pouch / 2, toeHeightMm };
}

/** A value between the stations. @param s mm behind the longest tip */
export function stationAt(table: Float64Array, s: number): number {
  const x = clamp(0, (s - STATIONS[0]) / STATION_MM, STATIONS.length - 1 - 1e-9);
  const i = x | 0;
  return table[i] + (x - i) * (table[i + 1] - table[i]);
}
