import type { UpperId } from '@chiave/core/fit';
import type { StyleDesign } from './design';

/** A style is made again in other leathers and colours: the same last, another upper. */
interface Variant {
  suffix: string;
  name: string;
  upper: UpperId;
  /** Stiffer (+) or softer (-) than the first one. */
  stiffer: number;
}
const DRESS: readonly Variant[] = [
  { suffix: 'slate', name: 'Slate', upper: 'suede', stiffer: -1 },
  { suffix: 'gloss', name: 'Gloss', upper: 'patent', stiffer: 0 },
  { suffix: 'calf', name: 'Calf', upper: 'soft-leather', stiffer: -1 }
];
const BOOTS: readonly Variant[] = [
  { suffix: 'umber', name: 'Umber', upper: 'suede', stiffer: -1 },
  { suffix: 'oiled', name: 'Oiled', upper: 'stiff-leather', stiffer: 1 },
  { suffix: 'chestnut', name: 'Chestnut', upper: 'smooth-leather', stiffer: 0 }
];
const SOFT: readonly Variant[] = [
  { suffix: 'mist', name: 'Mist', upper: 'mesh', stiffer: 0 },
  { suffix: 'knit', name: 'Knit', upper: 'knit', stiffer: -1 },
  { suffix: 'winter', name: 'Winter', upper: 'smooth-leather', stiffer: 1 }
];
const STAGE: readonly Variant[] = [
  { suffix: 'noir', name: 'Noir', upper: 'suede', stiffer: 0 },
  { suffix: 'lacquer', name: 'Lacquer', upper: 'patent', stiffer: 1 }
];
const BY_KIND: Readonly<Partial<Record<StyleDesign['kind'], readonly Variant[]>>> = {
  oxford: DRESS,
  loafer: DRESS,
  pump: DRESS,
  flat: DRESS,
  sandal: DRESS.slice(0, 2),
  'lace-boot': BOOTS,
  'elastic-boot': BOOTS,
  'western-boot': BOOTS,
  'tall-boot': BOOTS,
  sneaker: SOFT,
  running: SOFT.slice(0, 2),
  walking: SOFT,
  'extra-depth': SOFT.slice(1),
  'heels-dance': STAGE,
  'pole-sandal': STAGE,
  'pole-boot': STAGE,
  character: STAGE
};
const MOST = 200;

/** The designed styles first, as they are; then their variants, in turn over the styles, up to two hundred. */
export function withVariants(styles: readonly StyleDesign[]): StyleDesign[] {
  const all = [...styles];
  for (let round = 0; all.length < MOST && round < 3; round++) {
    for (const style of styles) {
      const variant = BY_KIND[style.kind]?.[round];
      if (!variant || variant.upper === style.upper || all.length >= MOST) continue;
      all.push({
        ...style,
        id: `${style.id}-${variant.suffix}`,
        name: `${style.name} ${variant.name}`,
        upper: variant.upper,
        stiff: Math.min(5, Math.max(1, style.stiff + variant.stiffer))
      });
    }
  }
  return all;
}
