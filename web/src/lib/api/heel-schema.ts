import { CLOSURE_IDS, FLAG_IDS, UPPER_IDS } from '@chiave/core/fit';
import {
  ACTS,
  CAPS,
  DEVICE_VERDICTS,
  DISCIPLINES,
  DOINGS,
  FLOOR_MARKS,
  GROUNDS,
  HEEL_CAUTIONS,
  HEEL_SHAPES,
  HEM_ADVICE,
  HOLDS,
  LEANS,
  LEVELS,
  MARK_IDS,
  MOST_SEGMENTS,
  PLAN_SOLES,
  REACH_SCHOOLS,
  REACHES,
  TERMS,
  TIP_SECTIONS
} from '@chiave/core/heel';
import { z } from 'zod';
import { footToFitSchema } from './foot-schema';
import { ARCH_LINES } from '@chiave/core/last';
import { setOf } from './sets';
import { idOf, mm, text } from './values';

/** Heels: one foot on one heel, the band of heights, a hem between two pairs, an occasion. Bodies and answers of `/heel` and `/device`. */
const heelHeightMm = mm(0, 280).describe('at the back, top-piece on, mm');
const platformMm = mm(0, 200).default(0).describe('under the ball, mm');
const made = {
  heelHeightMm,
  platformMm,
  heelShape: z.enum(idOf(HEEL_SHAPES)).default('thick-stiletto'),
  tipWidthMm: mm(3, 90).optional(),
  tipLengthMm: mm(3, 120).optional(),
  tipSection: z.enum(idOf(TIP_SECTIONS)).optional(),
  tipSetbackMm: mm(-30, 60).optional().describe('from the back of the heel to the rear of the tip, mm'),
  seatWedgeDeg: mm(0, 35).optional(),
  hold: z.enum(idOf(HOLDS)).default('none')
};
/** How a heel is made; what is left out is usual for its shape. */
export const heelMadeSchema = z.strictObject(made);
const heelShoe = z
  .strictObject({
    ...made,
    toeSlantDeg: mm(0, 60).optional().describe('of a platform’s front, for the drawing'),
    toeSpringMm: mm(0, 40).default(0).describe('how far the tip of the sole stands off the ground, mm'),
    throatLineMm: mm(80, 330).optional().describe('from the heel to where the vamp ends, mm'),
    archLine: z.enum(ARCH_LINES).optional().describe('of the shank, for the drawing'),
    strapSlackMm: mm(0, 40).optional().describe('of the ankle strap, in girth, mm'),
    closure: z.enum(CLOSURE_IDS).default('none'),
    upper: z.enum(UPPER_IDS).optional(),
    ballGirthClearanceMm: mm(-40, 40).optional().describe('girth room at the ball, mm'),
    toeRoomMm: mm(-30, 60).optional(),
    capMm: mm(6, 60).optional().describe('width of a cap over the tip, mm'),
    unevenMm: mm(0, 5).optional().describe('worn more on one side of the tip, mm'),
    bentInMm: mm(0, 10).optional()
  })
  .refine((shoe) => shoe.platformMm <= shoe.heelHeightMm, { path: ['platformMm'], error: 'the platform is higher than the heel; check both' });

const reachSchool = z.enum(idOf(REACH_SCHOOLS)).default('middle');
const flags = setOf(z.enum(FLAG_IDS)).default([]);
const ground = z.enum(idOf(GROUNDS));
const weightKg = mm(15, 250).default(60);

export const heelStandSchema = z
  .strictObject({
    foot: footToFitSchema,
    shoe: heelShoe,
    wear: z
      .strictObject({
        weightKg,
        doing: z.enum(idOf(DOINGS)).default('walking'),
        slopeDeg: mm(-20, 20).default(0).describe('ground that falls forward, degrees'),
        sockMm: mm(0, 12).default(0),
        reachSchool
      })
      .default({ weightKg: 60, doing: 'walking', slopeDeg: 0, sockMm: 0, reachSchool: 'middle' }),
    ground: ground.nullable().default(null),
    flags
  })
  .meta({
    id: 'HeelStand',
    example: { foot: { lengthMm: 238, ankleReachDeg: 41 }, shoe: { heelHeightMm: 72, heelShape: 'block', hold: 'strap' }, ground: 'lawn-clay-moist' }
  });

export const heelBandSchema = z
  .strictObject({
    foot: footToFitSchema,
    discipline: z.enum(idOf(DISCIPLINES)),
    level: z.enum(LEVELS).default('beginner'),
    startMm: mm(0, 280).optional().describe('a beginner’s lowest by one of the discipline’s schools, mm'),
    hold: z.enum(idOf(HOLDS)).default('none'),
    strapCounts: z.boolean().default(false).describe('the school that counts a good strap as laces'),
    hours: mm(0, 24).default(1),
    dancing: z.boolean().default(false),
    ground: ground.nullable().default(null),
    wetSlope: z.boolean().default(false),
    flags,
    platformMm,
    reachSchool,
    relaxedMm: mm(0, 150).nullable().default(null).describe('relaxed drop, read at the ball, where that school is followed, mm'),
    habitMm: mm(0, 250).nullable().default(null).describe('drop that is worn now, mm')
  })
  .meta({ id: 'HeelBand', example: { foot: { lengthMm: 238, ankleReachDeg: 52 }, discipline: 'heels-class', hold: 'laced', habitMm: 55 } });

const stand = z
  .strictObject({ heelHeightMm, platformMm, stackMm: mm(0, 40).optional().describe('board and sole under the ball, mm') })
  .refine((shoe) => shoe.platformMm <= shoe.heelHeightMm, { path: ['platformMm'], error: 'the platform is higher than the heel; check both' });
export const heelHemSchema = z
  .strictObject({ foot: footToFitSchema, cutFor: stand.describe('the pair the hem is cut for'), worn: stand })
  .meta({ id: 'HeelHem', example: { foot: { lengthMm: 238 }, cutFor: { heelHeightMm: 88 }, worn: { heelHeightMm: 52 } } });

export const heelAlikeSchema = z
  .strictObject({
    shoe: heelMadeSchema.refine((shoe) => shoe.platformMm <= shoe.heelHeightMm, {
      path: ['platformMm'],
      error: 'the platform is higher than the heel; check both'
    }),
    lengthMm: mm(130, 330).default(240).describe('of the foot they stand under, mm'),
    most: z.number().int().min(1, 'at least one').max(50, 'at most 50').default(6)
  })
  .meta({ id: 'HeelAlike', example: { shoe: { heelHeightMm: 72, heelShape: 'block' }, lengthMm: 238, most: 4 } });
export const heelAlikeAnswer = z.object({
  heels: z.array(
    z.object({
      styleId: z.string(),
      name: z.string(),
      maker: z.string(),
      shoe: heelMadeSchema,
      apart: z.number().describe('steps a foot feels about as much; 0 for the same heel')
    })
  )
});

export const deviceStandSchema = z
  .strictObject({
    shoeDropMm: mm(-30, 150).describe('inside the shoe, heel less forefoot, insole in, mm'),
    deviceDropMm: mm(-30, 150),
    leverMm: mm(60, 250).describe('from heel to ball inside the shoe, mm'),
    toleranceDeg: mm(0, 10).default(1).describe('what the clinician allows, degrees'),
    adjustable: z.boolean().default(false)
  })
  .meta({ id: 'DeviceStand', example: { shoeDropMm: 18, deviceDropMm: 12, leverMm: 172 } });

export const segmentSchema = z.strictObject({
  name: text(60).default(''),
  minutes: mm(1, 1440),
  doing: z.enum(idOf(ACTS)),
  ground,
  wet: z.boolean().default(false),
  turns: z.boolean().default(false),
  formality: mm(1, 5).default(3),
  seen: mm(0, 1).default(0.5).describe('how much the shoes are seen, 0 to 1'),
  heightMatters: z.boolean().default(false)
});
const planShoe = z
  .strictObject({
    id: text(80).min(1, 'name it'),
    name: text(120).default(''),
    ...made,
    capMm: mm(6, 60).optional(),
    formality: mm(1, 5).default(3),
    sole: z.enum(idOf(PLAN_SOLES)).default('leather'),
    slideMm: mm(0, 40).default(0),
    hoursWorn: mm(0, 5000).default(0),
    owned: z.boolean().default(false)
  })
  .refine((shoe) => shoe.platformMm <= shoe.heelHeightMm, { path: ['platformMm'], error: 'the platform is higher than the heel; check both' });
const weight = mm(0, 10).default(1);
export const heelPlanSchema = z
  .strictObject({
    foot: footToFitSchema,
    weightKg,
    reachSchool,
    segments: z.array(segmentSchema).min(1, 'an occasion has at least one part').max(MOST_SEGMENTS, `at most ${MOST_SEGMENTS} parts are planned`),
    shoes: z
      .array(planShoe)
      .min(1, 'name at least one pair')
      .max(60, 'at most 60 pairs at once')
      .refine((shoes) => new Set(shoes.map((s) => s.id)).size === shoes.length, 'two pairs have the same id'),
    partner: z.strictObject({ statureMm: mm(1000, 2300), heelMm: mm(0, 200).default(25), tallerMm: z.tuple([mm(-500, 900), mm(-500, 900)]) }).nullable().default(null), // prettier-ignore
    statureMm: mm(1000, 2300).default(1650),
    longSkirt: z.boolean().default(false),
    hem: z.boolean().default(false),
    weights: z.strictObject({ comfort: weight, risk: weight, look: weight }).default({ comfort: 1, risk: 1, look: 1 })
  })
  .meta({
    id: 'HeelPlan',
    example: {
      foot: { lengthMm: 238, ankleReachDeg: 44 },
      segments: [
        { name: 'vows', minutes: 35, doing: 'standing', ground: 'lawn-clay-moist', formality: 5, seen: 1 },
        { name: 'dance', minutes: 150, doing: 'dancing', ground: 'oak', turns: true }
      ],
      shoes: [
        { id: 'high', heelHeightMm: 82, heelShape: 'thick-stiletto', formality: 5, owned: true },
        { id: 'low', heelHeightMm: 48, heelShape: 'block', hold: 'strap', owned: true }
      ],
      hem: true
    }
  });

const number = z.number();
const band = z.object({ low: number, centre: number, high: number });
const caution = z.object({ id: z.enum(idOf(HEEL_CAUTIONS)), words: z.string() });
export const heelStandAnswer = z.object({
  dropMm: number,
  wedgeDeg: number,
  pitchDeg: z.object({ low: number, pose: number, high: number }),
  ankleDemandDeg: band,
  reach: z.enum(REACHES),
  tooSteep: z.boolean(),
  ballLoadShare: band,
  slideMm: band.nullable(),
  toeRoomAfterMm: band.nullable(),
  heelGapMm: band.nullable(),
  riseMm: z.object({ low: number, centre: number, high: number, most: number }),
  stabilityDeg: z.object({ heel: number, standing: number, ball: number, index: number }),
  pressureMPa: z.object({ standing: number, step: number }),
  sinkMm: band.nullable(),
  floor: z.object({ ratio: number, mark: z.enum(idOf(FLOOR_MARKS)) }).nullable(),
  opening: z.object({ caught: number, rocks: number }).nullable(),
  seenHeightMm: z.object({ ratio: number, impression: number }),
  cleavageMm: z.array(number).nullable(),
  cautions: z.array(caution),
  assumed: z.array(z.string())
});
const cap = z.enum(idOf(CAPS));
export const heelBandAnswer = z.object({
  lowMm: number,
  highMm: number,
  caps: z.array(z.object({ cap, valueMm: number, mark: z.enum(MARK_IDS), hard: z.boolean() })),
  binding: cap,
  then: cap.nullable(),
  conflict: z.boolean(),
  progress: z.object({ steps: z.array(z.object({ dropMm: number, keepsMm: number, weeks: number })), months: number }).nullable()
});
export const heelHemAnswer = z.object({ lowMm: number, centreMm: number, highMm: number, dragMm: number, advice: z.enum(HEM_ADVICE) });
export const deviceStandAnswer = z.object({
  leanDeg: number,
  direction: z.enum(LEANS),
  wedgeMm: number,
  verdict: z.enum(DEVICE_VERDICTS),
  cautions: z.array(z.string())
});
const plan = z.object({
  pairs: z.array(z.string()),
  worn: z.array(number),
  hemFor: z.string().nullable(),
  terms: z.record(z.enum(idOf(TERMS)), number),
  total: number
});
export const heelPlanAnswer = z.object({
  one: plan.nullable(),
  two: plan.nullable(),
  lookForTwo: number.nullable(),
  left: z.array(z.object({ id: z.string(), why: z.enum(['out-of-reach']) })),
  considered: number
});
