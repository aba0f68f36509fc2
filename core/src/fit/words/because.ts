import { effectiveDrop } from '../../heel';
import { heelSpreadShare, sockGirthMm, sockOutlineMm, trimNumber } from '../../measure';
import { TOE_FAMILY } from '../../last';
import { GRIP, INSERT_GIRTH, springStays, TONGUE_PAD_GIRTH, type Clearances } from '../room';
import type { Shoe, Wear, WornFoot } from '../shoe';
import { KIND } from '../tables';
import { NO_AIDS, springTakesMm, ZONE, type Aids, type Sum, type SumHead, type ZoneId } from '../zones';
import { HEAD, LESS, STATE_OF_FOOT, TIP, TOUCHES } from './catalogue';

/** What is less than this is left out of a sum, mm. */
const SHOWN_FROM_MM = 0.05;

/** The sum behind a zone's clearance, in codes and numbers. @param c what the comparison of foot and shoe came out as */
export function sumOf(zone: ZoneId, { dims, foot }: WornFoot, shoe: Shoe, wear: Wear, c: Clearances, aids: Aids = NO_AIDS): Sum {
  return ZONE[zone].sum({
    read: (id) => foot.values[id].mm,
    dims,
    inside: shoe.inside,
    aids,
    sockMm: sockOutlineMm(wear.sockMm),
    sockGirthMm: sockGirthMm(wear.sockMm),
    insertMm: wear.insertMm,
    insertGirthMm: INSERT_GIRTH * wear.insertMm,
    heelSpreadMm: heelSpreadShare(effectiveDrop(shoe.heelHeightMm, shoe.platformMm)) * dims.ballGirthMm,
    girthPerPadMm: INSERT_GIRTH,
    girthPerTonguePadMm: TONGUE_PAD_GIRTH,
    gripNarrows: GRIP.narrowsHeel,
    basis: KIND[shoe.kind].basis,
    soleStiffness: shoe.soleStiffness,
    springTakesMm: springTakesMm(shoe.inside, springStays(shoe.soleStiffness)),
    vampAt: shoe.vampAt,
    archLine: shoe.archLine,
    dropMm: effectiveDrop(shoe.heelHeightMm, shoe.platformMm),
    planWidthMm: c.planWidthMm,
    usableRoomMm: c.usableRoomMm,
    slideMm: c.slide.centreMm,
    shorteningMm: c.shortening.centreMm,
    firstToe: c.placement.toe
  });
}

/** The sum behind a clearance with its words: how it begins, what is taken off, and the sentence of both. */
export interface SpokenSum {
  head: SumHead;
  /** What is taken off, in the order a fitter would do it, mm; negative where it adds. */
  less: readonly { what: string; mm: number }[];
  /** @example '262 - 250 = 12; sock 0.8; evening 0.5' */
  sentence: string;
}

/** The sum behind a zone's clearance, in words and figures. */
export function because(zone: ZoneId, foot: WornFoot, shoe: Shoe, wear: Wear, c: Clearances, aids: Aids = NO_AIDS): SpokenSum {
  const { head, less, firstToe } = sumOf(zone, foot, shoe, wear, c, aids);
  const told = less
    .filter(({ code, mm }) => Math.abs(mm) >= SHOWN_FROM_MM || code === 'toe-tip')
    .map(({ code, mm }) => ({
      what:
        code === 'foot-state'
          ? stateWord(wear, foot.steps)
          : code === 'toe-tip'
            ? TIP(shoe.inside.outline ? 'traced' : TOE_FAMILY[shoe.inside.family].name)
            : LESS[code],
      mm
    }));
  const parts = [
    (HEAD[head.code] as (head: SumHead, kind: string) => string)(head, KIND[shoe.kind].name),
    ...told.map(({ what, mm }) => `${what} ${trimNumber(mm)}`),
    ...(firstToe === undefined ? [] : [TOUCHES(firstToe)])
  ];
  return { head, less: told, sentence: parts.join('; ') };
}

/** What changed the foot since it was read: the hour by its word, several steps together as one. */
function stateWord(wear: Wear, steps: WornFoot['steps']): string {
  const on = steps.filter((s) => s.on);
  if (on.length !== 1) return STATE_OF_FOOT.several;
  if (on[0].id !== 'day') return on[0].what;
  return wear.wornAt && Number.isNaN(Number(wear.wornAt[0])) ? wear.wornAt : STATE_OF_FOOT.hour;
}
