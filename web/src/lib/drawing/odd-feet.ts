import { completeShoe, type KindId, type Shoe, type ShoeInput } from '@chiave/core/fit';
import { completeFoot, type Foot, type FootInput } from '@chiave/core/measure';

/** Feet and shoes whose numbers are odd, and which must look like feet and shoes all the same. */
export interface OddCase {
  name: string;
  foot: FootInput;
  shoe: ShoeInput;
}

const foot = (lengthMm: number, values: Record<string, number> = {}, more: Partial<FootInput> = {}): FootInput =>
  ({ side: 'left', values: Object.fromEntries(Object.entries({ lengthMm, ...values }).map(([id, mm]) => [id, { mm }])), ...more }) as FootInput;
const shoe = (kind: KindId, insoleLengthMm: number, more: Partial<ShoeInput> = {}): ShoeInput => ({ kind, insoleLengthMm, ...more });

export const ODD_CASES: readonly OddCase[] = [
  { name: 'ordinary, almond pump 70', foot: foot(241), shoe: shoe('pump', 252) },
  { name: 'very wide', foot: foot(240, { ballWidthMm: 112, ballGirthMm: 272, heelWidthMm: 72 }), shoe: shoe('walking', 262, { ballWidthMm: 108 }) },
  { name: 'very narrow', foot: foot(256, { ballWidthMm: 84, ballGirthMm: 208, heelWidthMm: 56 }), shoe: shoe('oxford', 279) },
  { name: 'bunion 9', foot: foot(239, { ballWidthMm: 103 }, { bunionMm: 9, toeTipsMm: [0, 4, 13, 24, 41] }), shoe: shoe('extra-depth', 254) },
  { name: 'little-toe bunion', foot: foot(247, { ballWidthMm: 101 }, { littleToeBunionMm: 6 }), shoe: shoe('sneaker', 265) },
  { name: 'long second toe', foot: foot(244, {}, { toeShape: 'greek' }), shoe: shoe('flat', 251) },
  { name: 'square toes', foot: foot(244, {}, { toeShape: 'square' }), shoe: shoe('loafer', 259, { toeShape: 'square' }) },
  { name: 'pointed by 30', foot: foot(234), shoe: shoe('pump', 266, { toeShape: 'pointed', heelHeightMm: 95 }) },
  { name: 'snip western boot', foot: foot(263), shoe: shoe('western-boot', 291, { toeShape: 'snip' }) },
  { name: 'child of four', foot: foot(163), shoe: shoe('sneaker', 177) },
  { name: 'child of eight, slipper', foot: foot(204), shoe: shoe('ballet-slipper', 205) },
  { name: 'large bass', foot: foot(312, { ballWidthMm: 118, ballGirthMm: 291 }), shoe: shoe('oxford', 336) },
  { name: 'small foot', foot: foot(209), shoe: shoe('heels-dance', 217) },
  { name: 'shoe far too large', foot: foot(229), shoe: shoe('loafer', 275) },
  { name: 'shoe far too short', foot: foot(251), shoe: shoe('pump', 239) },
  { name: 'shoe too narrow', foot: foot(245, { ballWidthMm: 102 }), shoe: shoe('pump', 256, { ballWidthMm: 78 }) },
  { name: 'low ball, long toes', foot: foot(246, { ballLengthMm: 170 }), shoe: shoe('running', 262) },
  { name: 'long ball, short toes', foot: foot(246, { ballLengthMm: 190 }), shoe: shoe('walking', 263) },
  { name: 'high toes', foot: foot(243, { toeHeightMm: 31 }, { hammerToeMm: 8 }), shoe: shoe('extra-depth', 259) },
  { name: 'flat toes', foot: foot(243, { toeHeightMm: 16 }), shoe: shoe('flat', 249, { toeShape: 'pointed' }) },
  { name: 'thin stiletto 120', foot: foot(242), shoe: shoe('pump', 254, { heelHeightMm: 120 }) },
  { name: 'kitten 42', foot: foot(238), shoe: shoe('pump', 249, { heelHeightMm: 42 }) },
  { name: 'strapped character 64', foot: foot(236), shoe: shoe('character', 243, { heelHeightMm: 64 }) },
  { name: 'pole sandal 180 on 78', foot: foot(237), shoe: shoe('pole-sandal', 241, { heelHeightMm: 180, platformMm: 78 }) },
  { name: 'pole boot 204 on 101', foot: foot(241), shoe: shoe('pole-boot', 255, { heelHeightMm: 204, platformMm: 101 }) },
  { name: 'lace boot', foot: foot(268), shoe: shoe('lace-boot', 288) },
  { name: 'elastic-sided boot', foot: foot(266), shoe: shoe('elastic-boot', 283) },
  { name: 'tall boot', foot: foot(247), shoe: shoe('tall-boot', 264) },
  { name: 'sandal', foot: foot(246), shoe: shoe('sandal', 252) },
  { name: 'pointe, square box', foot: foot(229), shoe: shoe('pointe', 230) }
];

/** Foot and shoe of a case, filled in. */
export const oddPair = (odd: OddCase): { foot: Foot; shoe: Shoe } => ({ foot: completeFoot(odd.foot), shoe: completeShoe(odd.shoe) });
