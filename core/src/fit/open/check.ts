import { zonesOf, judge, scoreOf, zoneState, type Verdict, targetsFor } from '../judge';
import { reasonFor, cautionsFor, because, feelOfZone, sentence, tightness, type SpokenFoot, type SpokenSum } from '../words';
import { type FlagId, KIND } from '../tables';
import { HELP, helpNames, type Help, wornWith, type PairPutIn, type WornWith, remediesFor, type Remedy } from '../helps';
import { fitOnce, type Clearances } from '../room';
import { POINTS, doubtOf } from '../doubt';
import type { Shoe, Wear, WornFoot } from '../shoe';
import { ZONE, ZONE_AT, ZONE_IDS, type Cuts, type FlexState, type ZoneId } from '../zones';
import { ankleReaches, effectiveDrop, heelGapOf, pitchOf, poseOn, type Pitch, type Reach, type Slide } from '../../heel';
import type { Side } from '../../measure';
import { poseFootOf } from './side';

export interface ZoneFit {
  zone: ZoneId;
  name: string;
  /** Only toe room is told on a basis of its own. */
  basis?: 'inside' | 'usable';
  clearanceMm: number;
  sdMm: number;
  target: Cuts;
  state: FlexState;
  decides: boolean;
  feel: string;
  because: SpokenSum;
}

/** Heel height for this very foot. */
export interface HeelFit {
  /** Bounds of the pitch, and between them what the pose comes to. */
  pitch: Pitch;
  poseDeg: number;
  /** What the ankle itself must point, and whether it reaches that. */
  ankleDemandDeg: number;
  reach: Reach;
  slide: Slide;
  /** Toe room after the slide, mm; what opens behind the heel. */
  toeRoomAfter: Slide;
  heelGap: Slide;
}

export interface FootFit {
  side: Side;
  zones: ZoneFit[];
  usableLengthMm: number;
  insideRoomMm: number;
  usableRoomMm: number;
  decidedBy: ZoneId;
  fits: boolean;
  /** Toe that touches first, 0 the big toe. */
  toe: number;
  thetaRad: number;
  heel: HeelFit | null;
  remedies: Remedy[];
  fitsWith: Help[] | null;
  /** What was put into this shoe. */
  putIn: string[];
}

export interface Fit {
  verdict: Verdict;
  probability: number;
  score: number;
  decidedBy: { side: Side; zone: ZoneId };
  tightness: number;
  sentence: string;
  /** What stands behind the verdict, without it. */
  reason: string;
  feet: FootFit[];
  cautions: string[];
}

/** Heels higher than this are told with pitch and slide, mm. */
export const HEEL_TOLD_MM = 25;

/**
 * The whole fit of one foot, or of both feet in a pair, with reasons, doubt and what would help.
 * @param feet one or two feet as worn
 * @param shoe the shoe, one size and width
 * @param flags what was told of the wearer
 * @param put what is put into either shoe; everything is then said of the pair worn so
 * @example checkFit([footAsWorn(completeFoot(input), wear)], completeShoe(shoe), wear).verdict
 */
export function checkFit(
  feet: readonly WornFoot[],
  shoe: Shoe,
  wear: Wear,
  flags: readonly FlagId[] = [],
  points: number = POINTS.opened,
  put: PairPutIn = {}
): Fit {
  const targets = targetsFor(shoe, wear);
  const worn = feet.map((foot) => wornWith(shoe, wear, put[foot.foot.side]));
  const doubt = doubtOf(feet, shoe, worn, targets, points);
  const spoken: SpokenFoot[] = [];
  let distance = 0;
  let zones = 0;
  let worst = { margin: Infinity, side: feet[0].foot.side, zone: ZONE_IDS[0] };
  const out = feet.map((foot, i) => {
    const shoeWorn = worn[i];
    const c = fitOnce(foot.dims, shoe, shoeWorn.wear, shoeWorn.aids);
    const judged = judge(c.zone, targets);
    distance += judged.distance;
    zones += judged.zones;
    if (judged.margin < worst.margin) worst = { margin: judged.margin, side: foot.foot.side, zone: judged.decidedBy };
    const help = shoeWorn.names.length > 0 ? { remedies: [], fitsWith: judged.fits ? [] : null } : remediesFor(foot, shoe, wear, targets);
    const said: SpokenFoot = { side: foot.foot.side, zone: c.zone, targets, toe: c.placement.toe, decidedBy: judged.decidedBy };
    spoken.push(said);
    return footFit({ foot, shoe, worn: shoeWorn, c, sd: doubt.sd[i], fits: judged.fits, said, help });
  });
  const verdict: Verdict = out.every((f) => f.fits) ? 'fits' : out.every((f) => f.fitsWith !== null) ? 'fits-with-help' : 'does-not-fit';
  const fitsWith = helpNames(out.map((f) => f.fitsWith));
  const decidedBy = { side: worst.side, zone: worst.zone };
  const reason = reasonFor(verdict, spoken, decidedBy);
  return {
    verdict,
    probability: doubt.probability,
    score: scoreOf(distance, zones),
    decidedBy,
    tightness: tightness(spoken),
    sentence: sentence(verdict, reason, fitsWith),
    reason,
    feet: out,
    cautions: cautionsFor({
      kind: shoe.kind,
      wear,
      flags,
      reach: out.flatMap((f) => (f.heel ? [f.heel.reach] : [])),
      dropMm: effectiveDrop(shoe.heelHeightMm, shoe.platformMm),
      stretchOffered: out.some((f) => f.remedies.some((r) => HELP[r.kind].heat)),
      overMm: Math.max(0, ...spoken.map((f) => f.zone[ZONE_AT['toe-room']] - targets['toe-room'].c))
    })
  };
}

/** One foot of a pair, judged. */
interface JudgedFoot {
  foot: WornFoot;
  shoe: Shoe;
  worn: WornWith;
  c: Clearances;
  sd: Float64Array;
  fits: boolean;
  said: SpokenFoot;
  help: { remedies: Remedy[]; fitsWith: Help[] | null };
}

function footFit({ foot, shoe, worn, c, sd, fits, said, help }: JudgedFoot): FootFit {
  const { wear, aids, names } = worn;
  const { targets, decidedBy } = said;
  const zones = zonesOf(targets)
    .inOrder.filter(({ at }) => !Number.isNaN(c.zone[at]))
    .map(({ id, at }): ZoneFit => ({
      zone: id,
      name: ZONE[id].name,
      ...(ZONE[id].onBasis ? { basis: KIND[shoe.kind].basis } : {}),
      clearanceMm: c.zone[at],
      sdMm: sd[at],
      target: targets[id]!,
      state: zoneState(id, c.zone[at], targets),
      decides: ZONE[id].decides,
      feel: feelOfZone(id, said),
      because: because(id, foot, shoe, wear, c, aids)
    }));
  return {
    side: foot.foot.side,
    zones,
    usableLengthMm: foot.dims.lengthMm + c.usableRoomMm,
    insideRoomMm: c.insideRoomMm,
    usableRoomMm: c.usableRoomMm,
    decidedBy,
    fits,
    toe: c.placement.toe,
    thetaRad: c.placement.theta,
    heel: heelFit(foot, shoe, c),
    remedies: help.remedies,
    fitsWith: help.fitsWith,
    putIn: names
  };
}

function heelFit(foot: WornFoot, shoe: Shoe, c: Clearances): HeelFit | null {
  const drop = effectiveDrop(shoe.heelHeightMm, shoe.platformMm);
  if (drop <= HEEL_TOLD_MM) return null;
  const pitch = pitchOf(drop, foot.dims.lengthMm);
  const flat = KIND[shoe.kind].basis === 'usable' ? c.usableRoomMm : c.insideRoomMm;
  const pose = poseOn(poseFootOf(foot.foot), drop, 'centre', shoe.heel?.seatWedgeDeg ?? undefined);
  return {
    pitch,
    poseDeg: pose.pitchDeg,
    ankleDemandDeg: pose.ankleDemandDeg,
    reach: ankleReaches(pose, foot.foot.ankleReachDeg),
    slide: c.slide,
    toeRoomAfter: {
      lowMm: flat + c.shortening.lowMm - c.slide.highMm,
      centreMm: flat + c.shortening.centreMm - c.slide.centreMm,
      highMm: flat + c.shortening.highMm - c.slide.lowMm
    },
    heelGap: heelGapOf(c.slide, c.shortening)
  };
}
