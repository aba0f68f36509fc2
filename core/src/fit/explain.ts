import { effectiveDrop } from '../heel';
import { formatLength, heelSpreadShare, sockGirthMm, sockOutlineMm, trimNumber } from '../measure';
import { TOE_FAMILY } from '../last';
import type { Clearances } from './clearances';
import { GRIP, INSERT_GIRTH, NO_AIDS, TONGUE_PAD_GIRTH, type Aids } from './plain-zones';
import { KIND } from './kinds';
import type { Shoe } from './shoe';
import type { Wear, WornFoot } from './wear';
import type { ZoneId } from './zones';

export const TOE_NAMES = ['big toe', 'second toe', 'third toe', 'fourth toe', 'little toe'] as const;
const n = (mm: number): string => trimNumber(mm);

/**
 * The sum behind a zone's clearance, in figures, in the order a fitter would do it.
 * @example 'toe-room' // '262 - 250 = 12; sock 0.8; evening 0.5'
 */
export function because(zone: ZoneId, { dims, foot, steps }: WornFoot, shoe: Shoe, wear: Wear, c: Clearances, aids: Aids = NO_AIDS): string {
  const { inside } = shoe;
  const v = foot.values;
  const sock = sockOutlineMm(wear.sockMm);
  const sockGirth = sockGirthMm(wear.sockMm);
  const day = (now: number, measured: number): string => {
    const change = now - measured;
    return Math.abs(change) < 0.05 ? '' : `; ${stateWord(wear, steps)} ${n(change)}`;
  };
  const less = (name: string, mm: number): string => (Math.abs(mm) < 0.05 ? '' : `; ${name} ${n(mm)}`);
  const insert = INSERT_GIRTH * wear.insertMm;
  const inLength = `${less('heel grip', aids.heelGripMm)}${less('toe filler', aids.toeFillerMm)}`;
  const girth = (shoeMm: number, measured: number, now: number): string =>
    `${n(shoeMm)} - ${n(measured)} = ${n(shoeMm - measured)}${less('sock', sockGirth)}${less('insert', insert)}${day(now, measured)}`;

  switch (zone) {
    case 'toe-room': {
      const slide = c.slide.centreMm - c.shortening.centreMm;
      const slid = less('slides forward', slide);
      if (KIND[shoe.kind].basis === 'inside') {
        return `${n(inside.insoleLengthMm)} - ${n(v.lengthMm.mm)} = ${n(inside.insoleLengthMm - v.lengthMm.mm)}${less('sock', 2 * sock)}${day(dims.lengthMm, v.lengthMm.mm)}${inLength}${slid}`;
      }
      const tip = inside.insoleLengthMm - dims.lengthMm - c.usableRoomMm - 2 * sock - aids.heelGripMm - aids.toeFillerMm;
      return `${n(inside.insoleLengthMm)} - ${n(v.lengthMm.mm)} = ${n(inside.insoleLengthMm - v.lengthMm.mm)}; ${TOE_FAMILY[inside.family].name} tip that holds no toes ${n(tip)}${less('sock', 2 * sock)}${day(dims.lengthMm, v.lengthMm.mm)}${inLength}; the ${TOE_NAMES[c.placement.toe]} touches first${slid}`;
    }
    case 'ball-width':
      return `inside ${n(c.planWidthMm)} (insole ${n(inside.ballWidthMm)}, girth ${n(inside.ballGirthMm)}) - ${n(v.ballWidthMm.mm)} = ${n(c.planWidthMm - v.ballWidthMm.mm)}${less('sock', 2 * sock)}${less('stretched', -aids.stretchMm)}${day(dims.ballWidthMm, v.ballWidthMm.mm)}`;
    case 'toe-box-width':
      return `least gap beside the toes along the two outlines${less('stretched', -aids.stretchMm)}`;
    case 'toe-box-depth':
      return `depth ${n(inside.toeDepthMm)} over a toe of ${n(dims.toeHeightMm)}, ${n(inside.littleToeDepthMm)} over ${n(dims.littleToeHeightMm)}${less('hammer toe', dims.hammerToeMm)}${less('sock', 2 * sock)}${less('insert', wear.insertMm)}${less('half insole', aids.halfInsoleMm)}`;
    case 'ball-girth':
      return `${girth(inside.ballGirthMm, v.ballGirthMm.mm, dims.ballGirthMm)}${less('ball spread by the heel', heelSpreadShare(effectiveDrop(shoe.heelHeightMm, shoe.platformMm)) * dims.ballGirthMm)}${less('ball pad', INSERT_GIRTH * aids.ballPadMm)}${less('half insole', INSERT_GIRTH * aids.halfInsoleMm)}`;
    case 'waist':
      return girth(inside.waistGirthMm, v.waistGirthMm.mm, dims.waistGirthMm);
    case 'instep':
      return `${girth(inside.instepGirthMm, v.instepGirthMm.mm, dims.instepGirthMm)}${less('tongue pad', TONGUE_PAD_GIRTH * aids.tonguePadMm)}${less('laces', -aids.lacingMm)}`;
    case 'throat':
      return girth(inside.throatGirthMm ?? NaN, v.shortHeelGirthMm.mm, dims.shortHeelGirthMm);
    case 'topline':
      return girth(inside.toplineGirthMm ?? NaN, v.ankleGirthMm.mm, dims.ankleGirthMm);
    case 'shaft':
      return girth(inside.shaftGirthMm ?? NaN, v.calfGirthMm.mm, dims.calfGirthMm);
    case 'flex-point':
      return `shoe's flex line ${n(inside.flexLineMm)} - ball ${n(dims.ballLengthMm)}${less('sock', sock)}${less('heel grip', aids.heelGripMm)}`;
    case 'heel-width':
      return `counter ${n(inside.heelWidthMm + 0.04 * inside.ballWidthMm)} - heel ${n(dims.heelWidthMm)}${less('sock', 2 * sock)}${less('heel grip', GRIP.narrowsHeel * aids.heelGripMm)}`;
    case 'heel-slip':
      return c.slide.centreMm > 0.05
        ? `gap left by the slide ${n(Math.max(0, c.slide.centreMm - c.shortening.centreMm))}, sole stiffness ${shoe.soleStiffness} of 5`
        : `sole stiffness ${shoe.soleStiffness} of 5 in a ${KIND[shoe.kind].name}, heel and instep room${aids.heelGripMm > 0 ? ', held by the grip' : ''}`;
  }
}

/** What changed the foot since it was read: the hour by its word, several steps together as one. */
function stateWord(wear: Wear, steps: WornFoot['steps']): string {
  const on = steps.filter((s) => s.on);
  if (on.length !== 1) return 'foot as worn';
  if (on[0].id !== 'day') return on[0].what;
  return wear.wornAt && Number.isNaN(Number(wear.wornAt[0])) ? wear.wornAt : 'time of day';
}

/** Length as a share of a size, in words: `half a size`. */
export function inSizes(mm: number): string {
  const sizes = Math.abs(mm) / (25.4 / 3);
  if (sizes < 0.2) return formatLength(Math.abs(mm), 'mm');
  if (sizes < 0.38) return 'a third of a size';
  if (sizes < 0.75) return 'half a size';
  if (sizes < 1.25) return 'a size';
  return `${trimNumber(Math.round(sizes * 2) / 2)} sizes`;
}
