import type { KindId, UpperId, ClosureId } from '../fit';
import type { HeelShapeId, TipSectionId } from '../heel';
import type { ToeFamilyId } from '../last';
import type { Points } from './points';

/** What an attribute is taken for where nobody looked, by kind, upper, closure and heel: estimates of this project. */
interface KindUsual {
  counter: number;
  /** Firmness, at the ball and at the heel. */
  press: number;
  tread: number;
  weight: number;
  /** Levels of the three likeliest soles; the middle one weighs half. */
  soles: Points;
  /** Height of the shaft, mm. */
  shaft: number;
  /** Platform that is taken for granted, mm: sport kinds, whose platform of 0 was never taken. */
  stack: number | null;
  /** Straps, opening and welt. */
  strapMm: number;
  openLen: number | null;
  welt: number;
  hide: number;
  /** Laces hold the ankle, not the instep alone. */
  lacedHigh: boolean;
  /** Front of the sole slants with the platform. */
  platformed: boolean;
}
const [L, S, M, R, F] = [0, 1, 2, 3, 4];
const LOW = { shaft: 60, stack: null, strapMm: 10, openLen: null, welt: 0, hide: 1.3, lacedHigh: false, platformed: false } as const;
const BOOT = { ...LOW, welt: 1, hide: 1.8, openLen: 140, lacedHigh: true } as const;
const usual = (counter: number, press: number, tread: number, weight: number, soles: Points, own: Partial<KindUsual> = LOW): KindUsual => ({ ...LOW, ...own, counter, press, tread, weight, soles }); // prettier-ignore
// prettier-ignore
export const BY_KIND: Readonly<Record<KindId, KindUsual>> = {
  oxford: usual(4, 4, 0.3, 480, [L, R, M], { welt: 1 }),
  loafer: usual(3, 4, 0.3, 380, [L, R, M]),
  pump: usual(4, 4, 0, 260, [M, L, R]),
  flat: usual(2, 4, 0.3, 190, [R, M, L]),
  sandal: usual(1, 3.5, 1, 240, [R, M, L]),
  'lace-boot': usual(4.5, 4, 2, 720, [R, L, R], { ...BOOT, shaft: 150 }),
  'elastic-boot': usual(4, 4, 1, 560, [R, L, R], { ...BOOT, shaft: 130 }),
  'western-boot': usual(4.5, 4.5, 0, 820, [L, L, R], { ...BOOT, shaft: 300 }),
  'tall-boot': usual(3.5, 4, 1, 780, [R, L, M], { ...BOOT, shaft: 360 }),
  sneaker: usual(3, 3, 1, 360, [R, R, F], { stack: 16 }),
  running: usual(3.5, 2.5, 2, 270, [R, R, F], { stack: 22 }),
  walking: usual(3.5, 3, 2.5, 390, [R, R, F], { stack: 20 }),
  'extra-depth': usual(4, 3, 1.5, 430, [R, R, F], { stack: 16 }),
  'heels-dance': usual(3, 4, 0, 280, [M, S, R], { shaft: 110, lacedHigh: true }),
  'pole-sandal': usual(3, 4, 0, 620, [M, M, R], { strapMm: 18, platformed: true }),
  'pole-boot': usual(4, 4, 0, 880, [M, M, R], { ...BOOT, shaft: 170, strapMm: 18, platformed: true, welt: 0, hide: 1.3 }),
  character: usual(4, 4, 0, 300, [L, S, M]),
  'ballet-slipper': usual(1, 5, 0, 60, [L, L, S]),
  pointe: usual(4, 5, 0, 120, [L, L, L])
};
/** Breathing of an upper, 1 to 5. */
export const BREATH: Readonly<Record<UpperId, number>> = { patent: 1, 'matte-faux': 1.5, 'stiff-leather': 2, 'smooth-leather': 2.5, plastic: 2.5, 'soft-leather': 3, suede: 3, satin: 3, canvas: 4, knit: 5, mesh: 5 }; // prettier-ignore
/** Grip of a sole by its level, dry and wet. */
export const SOLE_DRY = [0.3, 0.4, 0.26, 0.6, 0.5] as const;
export const SOLE_WET = [0.2, 0.2, 0.18, 0.4, 0.32] as const;
/** How far an opening opens against the shoe’s own girth there, by what opens it; that girth of the foot length it is made for. */
export const OPENS_GIRTH = [0.95, 1, 1.03, 1.04, 1.1, 1.12, 1.13, 1.18] as const;
export const OPENING_GIRTH = 1.224;
/** What stands out of the upper at the ball by its welt, both sides, mm; the foot's own width there, of its length. */
export const WELT_OUT = [4, 10, 14, 20] as const;
export const OUTSIDE_WIDTH = 0.37;
/** What a closure says of how a shoe opens and holds the ankle: levels of `opens` and `hold`, and length of the opening, mm. */
export const BY_CLOSURE: Readonly<Record<ClosureId, { opens: Points; hold: number; openLen: number }>> = {
  none: { opens: [0, 0, 0], hold: 0, openLen: 0 },
  elastic: { opens: [1, 1, 1], hold: 3, openLen: 70 },
  strap: { opens: [2, 2, 2], hold: 1, openLen: 70 },
  buckle: { opens: [2, 2, 2], hold: 1, openLen: 70 },
  lace: { opens: [3, 3, 3], hold: 1, openLen: 90 },
  'hook-loop': { opens: [5, 5, 5], hold: 1, openLen: 100 },
  zip: { opens: [6, 6, 7], hold: 4, openLen: 0 }
};
/** Laces that reach the ankle. */
export const LACED_HOLD = 5;
/** A zip opens most of a shaft. */
export const ZIP_OF_SHAFT = 0.9;
export const LACE_ZIP = { lace: 'lace', zip: 'zip' } as const satisfies Record<string, ClosureId>;
/** Toes by family. */
export const TOES: Readonly<Record<ToeFamilyId, number>> = { round: 1, 'soft-almond': 1, almond: 1, oblique: 1, square: 1, 'broad-square': 1, 'soft-chisel': 1, chisel: 0, snip: 0, pointed: 0, peep: 2, open: 3 }; // prettier-ignore
/** Heels by shape: the level, and the tip across where nobody measured it, mm. */
export const SHAPE_LEVEL: Readonly<Record<HeelShapeId, number>> = { stacked: 0, wedge: 1, block: 2, spool: 3, cone: 3, kitten: 4, 'thick-stiletto': 4, 'thin-stiletto': 4, 'heel-less': 5 }; // prettier-ignore
export const SHAPE_TIP = [60, 55, 38, 22, 10, 10] as const;
/** A heel's shape by its height where nobody saw it: flat under the first, block, cone, else a stiletto, mm. */
export const SHAPE_UNDER = [15, 45, 75] as const;
export const SHAPE_BY_HEIGHT = [0, 2, 3, 4] as const;
export const CROSS_LEVEL: Readonly<Record<TipSectionId, number>> = { round: 0, 'round-square': 1, square: 2 };
/** What straps are made of by the upper: levels of `strapOf`. */
export const STRAP_OF: Readonly<Record<UpperId, Points>> = { plastic: [0, 3, 3], patent: [0, 0, 2], 'matte-faux': [0, 0, 0], satin: [0, 0, 1], canvas: [0, 1, 1], knit: [1, 1, 1], mesh: [0, 1, 1], suede: [2, 2, 2], 'smooth-leather': [2, 2, 2], 'soft-leather': [2, 2, 2], 'stiff-leather': [2, 2, 2] }; // prettier-ignore
