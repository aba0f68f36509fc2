import { CLOSURE, FLAG, poseFootOf } from '@chiave/core/fit';
import {
  deviceStand,
  GROUND,
  heelBand,
  heelCautions,
  hemChange,
  insockFriction,
  partnerRise,
  planOccasion,
  progress,
  riseIn,
  SOLE_SHARES,
  standOn,
  tipOf,
  toeSpringDeg,
  type HeelMade,
  type PlanEnd,
  type Slide
} from '@chiave/core/heel';
import { completeFoot, type Foot, type Side } from '@chiave/core/measure';
import type { z } from 'zod';
import type { SideBody } from '../api/foot-schema';
import { heelIn, type HeelSent } from '../api/heel-wire';
import type { deviceStandSchema, heelBandSchema, heelHemSchema, heelPlanSchema, heelStandSchema } from '../api/heel-schema';
import { footInputOf } from '../fit-feet';
import { invalid } from './problems';

const round = (value: number): number => Math.round(value * 100) / 100;
const rounded = <T extends object>(figures: T): T =>
  Object.fromEntries(Object.entries(figures).map(([key, value]) => [key, typeof value === 'number' ? round(value) : value])) as T;
const bandOf = ({ lowMm, centreMm, highMm }: Slide) => rounded({ low: lowMm, centre: centreMm, high: highMm });
const footFrom = ({ side, ...foot }: SideBody & { side: Side }): Foot => completeFoot(footInputOf(side, foot, { population: 'general' })!);

/** A heel as it was sent. @throws Problem 422 for a tip wider than the seat it stands under */
export function madeOf(sent: HeelSent & { capMm?: number }, lengthMm: number, path: string): HeelMade {
  const seat = SOLE_SHARES.seat * lengthMm;
  if (sent.tipWidthMm !== undefined && sent.tipWidthMm > seat)
    throw invalid([
      { path: `${path}.tipWidthMm`, message: `a tip of ${sent.tipWidthMm} mm is wider than the seat of this foot, about ${Math.round(seat)} mm` }
    ]);
  return heelIn(sent);
}

/** `POST /heel/stand`: one foot on one heel. */
export function standFor({ foot: sent, shoe, wear, ground, flags }: z.infer<typeof heelStandSchema>) {
  const foot = footFrom(sent);
  const poseFoot = poseFootOf(foot);
  const made: HeelMade = {
    ...madeOf(shoe, poseFoot.lengthMm, 'shoe'),
    throatMm: shoe.throatLineMm,
    strapSlackMm: shoe.strapSlackMm,
    unevenMm: shoe.unevenMm,
    bentInMm: shoe.bentInMm
  };
  const sits =
    shoe.ballGirthClearanceMm === undefined || shoe.toeRoomMm === undefined
      ? null
      : {
          ballGirthMm: foot.values.ballGirthMm.mm,
          ballGirthClearanceMm: shoe.ballGirthClearanceMm,
          toeRoomMm: shoe.toeRoomMm,
          friction: insockFriction(wear.sockMm),
          letsThrough: CLOSURE[shoe.closure].letsSlide
        };
  const worn = { ...wear, ankleReachDeg: foot.ankleReachDeg, ground: ground && GROUND[ground] };
  const r = standOn(poseFoot, made, worn, sits);
  const tip = tipOf(made, poseFoot.lengthMm);
  const filled = (['tipWidthMm', 'tipLengthMm', 'tipSection', 'tipSetbackMm', 'seatWedgeDeg'] as const).filter((key) => shoe[key] === undefined);
  return {
    dropMm: round(r.dropMm),
    wedgeDeg: round(r.wedgeDeg),
    pitchDeg: rounded(r.pitchDeg),
    ankleDemandDeg: rounded(r.ankleDemandDeg),
    reach: r.reach,
    tooSteep: r.tooSteep,
    ballLoadShare: rounded(r.ballLoadShare),
    slideMm: r.slide && bandOf(r.slide),
    toeRoomAfterMm: r.toeRoomAfterMm && rounded(r.toeRoomAfterMm),
    heelGapMm: r.heelGapMm && rounded(r.heelGapMm),
    riseMm: { ...bandOf(r.rise), most: round(r.rise.mostMm) },
    stabilityDeg: rounded({ heel: r.stability.heelDeg, standing: r.stability.standingDeg, ball: r.stability.ballDeg, index: r.stability.indexDeg }),
    pressureMPa: rounded(r.pressureMPa),
    sinkMm: r.sinkMm,
    floor: r.floor && rounded(r.floor),
    opening: r.opening && rounded(r.opening),
    seenHeightMm: rounded(r.seenHeightMm),
    cleavageMm: r.cleavageMm && r.cleavageMm.map(round),
    cautions: heelCautions({
      made: { ...made, tip },
      report: r,
      lowIsSafer: flags.some((id) => FLAG[id].lowIsSafer),
      toeSpringDeg: toeSpringDeg(r.pose, shoe.toeSpringMm)
    }),
    assumed: [...foot.assumed.filter((field) => field === 'ballLengthMm' || field === 'toeHeightMm').map((field) => `foot.${field}`), ...filled.map((key) => `shoe.${key}`)] // prettier-ignore
  };
}

/** `POST /heel/band`: how high, and what limits it. */
export function bandFor({ foot: sent, ground, flags, habitMm, ...asked }: z.infer<typeof heelBandSchema>) {
  const foot = footFrom(sent);
  const band = heelBand({
    ...asked,
    foot: poseFootOf(foot),
    ankleReachDeg: foot.ankleReachDeg,
    ground: ground && GROUND[ground],
    lowIsSafer: flags.some((id) => FLAG[id].lowIsSafer),
    hypermobile: flags.some((id) => FLAG[id].givesWay)
  });
  return {
    ...rounded(band),
    caps: band.caps.map(rounded),
    progress: habitMm === null ? null : progress(habitMm, Math.max(0, band.highMm - asked.platformMm))
  };
}

/** `POST /heel/hem`: a hem cut for one pair, worn with another. */
export function hemFor({ foot, cutFor, worn }: z.infer<typeof heelHemSchema>) {
  const poseFoot = poseFootOf(footFrom(foot));
  const rise = ({ heelHeightMm, platformMm, stackMm }: typeof worn) => riseIn(poseFoot, { dropMm: heelHeightMm - platformMm, platformMm, stackMm });
  return rounded(hemChange(rise(cutFor), rise(worn)));
}

/** `POST /device/stand`: a device made for one drop in a shoe of another. */
export function deviceFor(asked: z.infer<typeof deviceStandSchema>) {
  const stands = deviceStand(asked);
  return {
    ...rounded(stands),
    cautions: [
      'A device is one system with its shoe: whoever fitted it decides, and looks at it in the shoe before it is worn away.',
      ...(stands.wedgeMm > 0 ? ['The wedge is full under the heel and runs to nothing at the ball; look at the depth at the counter with it in.'] : [])
    ]
  };
}

/** `POST /heel/plan`: which pairs for an occasion. */
export function planFor({ foot: sent, partner, shoes, statureMm, longSkirt, hem, weights, ...asked }: z.infer<typeof heelPlanSchema>): PlanEnd {
  const foot = footFrom(sent);
  const poseFoot = poseFootOf(foot);
  const job = planOccasion({
    ...asked,
    foot: poseFoot,
    ankleReachDeg: foot.ankleReachDeg,
    shoes: shoes.map((shoe, i) => ({ ...shoe, name: shoe.name || shoe.id, made: madeOf(shoe, poseFoot.lengthMm, `shoes.${i}`) })),
    wishes: {
      partner: partner && {
        statureMm: partner.statureMm,
        tallerMm: partner.tallerMm,
        riseMm: partnerRise(partner.statureMm, partner.heelMm)
      },
      statureMm,
      longSkirt,
      hem,
      weights
    }
  });
  for (;;) {
    const { done, value } = job.next();
    if (done) return value;
  }
}
