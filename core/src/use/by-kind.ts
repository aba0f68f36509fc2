import { levelOf } from '../attributes';
import type { ClosureId, KindId, UpperId } from '../fit';
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
const [L, S, M, R, F] = (['leather', 'suede', 'smooth', 'rubber', 'foam'] as const).map((sole) => levelOf('sole', sole));
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
export const SOLE_DRY: readonly number[] = [0.3, 0.4, 0.26, 0.6, 0.5];
export const SOLE_WET: readonly number[] = [0.2, 0.2, 0.18, 0.4, 0.32];
/** How far an opening opens against the shoe’s own girth there, by what opens it; that girth of the foot length it is made for. */
export const OPENS_GIRTH = [0.95, 1, 1.03, 1.04, 1.1, 1.12, 1.13, 1.18] as const;
export const OPENING_GIRTH = 1.224;
/** What stands out of the upper at the ball by its welt, both sides, mm; the foot's own width there, of its length. */
export const WELT_OUT = [4, 10, 14, 20] as const;
export const OUTSIDE_WIDTH = 0.37;
/** What a closure says of how a shoe opens and holds the ankle. */
interface ClosureUsual {
  /** Levels of `opens`. */
  opens: Points;
  /** Level of `hold`, and where a kind's laces reach the ankle. */
  hold: number;
  holdHigh: number;
  /** Length of the opening, mm, and what of a shaft it opens besides. */
  openLen: number;
  ofShaft: number;
}
const opening = (opens: readonly [number, number, number], hold: number, openLen: number, own: Partial<ClosureUsual> = {}): ClosureUsual => ({ opens, hold, openLen, holdHigh: hold, ofShaft: 0, ...own }); // prettier-ignore
const always = (level: Parameters<typeof levelOf<'opens'>>[1]): Points => [levelOf('opens', level), levelOf('opens', level), levelOf('opens', level)];
const ONE_STRAP = levelOf('hold', 'one-strap');
export const BY_CLOSURE: Readonly<Record<ClosureId, ClosureUsual>> = {
  none: opening(always('nothing'), levelOf('hold', 'bare'), 0),
  elastic: opening(always('elastic'), levelOf('hold', 'sock'), 70),
  strap: opening(always('strap'), ONE_STRAP, 70),
  buckle: opening(always('strap'), ONE_STRAP, 70),
  lace: opening(always('lace'), ONE_STRAP, 90, { holdHigh: levelOf('hold', 'laced') }),
  'hook-loop': opening(always('hook-loop'), ONE_STRAP, 100),
  zip: opening([levelOf('opens', 'side-zip'), levelOf('opens', 'side-zip'), levelOf('opens', 'end-zip')], levelOf('hold', 'shaft'), 0, { ofShaft: 0.9 })
};
const [NARROW, CLOSED] = [levelOf('toe', 'narrow'), levelOf('toe', 'closed')];
/** Toes by family. */
export const TOES: Readonly<Record<ToeFamilyId, number>> = { round: CLOSED, 'soft-almond': CLOSED, almond: CLOSED, oblique: CLOSED, square: CLOSED, 'broad-square': CLOSED, 'soft-chisel': CLOSED, chisel: NARROW, snip: NARROW, pointed: NARROW, peep: levelOf('toe', 'half'), open: levelOf('toe', 'open') }; // prettier-ignore
/** Heels by shape; below `FLAT_UNDER_MM` any of them is flat. */
const STILETTO = levelOf('shape', 'stiletto');
const CONE = levelOf('shape', 'cone');
export const SHAPE_LEVEL: Readonly<Record<HeelShapeId, number>> = { stacked: levelOf('shape', 'block'), wedge: levelOf('shape', 'wedge'), block: levelOf('shape', 'block'), spool: CONE, cone: CONE, kitten: STILETTO, 'thick-stiletto': STILETTO, 'thin-stiletto': STILETTO, 'heel-less': levelOf('shape', 'none') }; // prettier-ignore
export const FLAT_UNDER_MM = 15;
export const CROSS_LEVEL: Readonly<Record<TipSectionId, number>> = {
  round: levelOf('cross', 'round'),
  'round-square': levelOf('cross', 'front'),
  square: levelOf('cross', 'square')
};
const [FAUX, ELASTIC, LEATHER, PLASTIC] = (['faux', 'elastic', 'leather', 'plastic'] as const).map((strap) => levelOf('strapOf', strap));
/** What straps are made of by the upper: levels of `strapOf`. */
export const STRAP_OF: Readonly<Record<UpperId, Points>> = { plastic: [FAUX, PLASTIC, PLASTIC], patent: [FAUX, FAUX, LEATHER], 'matte-faux': [FAUX, FAUX, FAUX], satin: [FAUX, FAUX, ELASTIC], canvas: [FAUX, ELASTIC, ELASTIC], knit: [ELASTIC, ELASTIC, ELASTIC], mesh: [FAUX, ELASTIC, ELASTIC], suede: [LEATHER, LEATHER, LEATHER], 'smooth-leather': [LEATHER, LEATHER, LEATHER], 'soft-leather': [LEATHER, LEATHER, LEATHER], 'stiff-leather': [LEATHER, LEATHER, LEATHER] }; // prettier-ignore
