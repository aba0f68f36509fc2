import { footLength } from './foot-length';
import { WIDTH_BASES, TOE_STRUCTURES, TOE_FAMILY_IDS } from '@chiave/core/last';
import { checkShoe, CLOSURE_IDS, KIND_IDS, UPPER_IDS, type ShoeInput } from '@chiave/core/fit';
import { SCALE_IDS } from '@chiave/core/size';
import { z } from 'zod';
import { agree, mm, type Same } from './values';

/** The inside of one shoe: kind and insole length at least. */
export const shoeSchema = z
  .strictObject({
    kind: z.enum(KIND_IDS),
    insoleLengthMm: mm(80, 450).describe('traced insole, heel to tip, mm'),
    toeShape: z.enum(TOE_FAMILY_IDS).optional(),
    taperStartMm: mm(50, 400).optional().describe('where the inner side begins to come in for the toe, from the heel, mm'),
    madeForFootMm: footLength('feet from').optional(),
    ballWidthMm: mm(30, 160).optional(),
    waistWidthMm: mm(20, 140).optional(),
    heelWidthMm: mm(20, 120).optional(),
    widthBasis: z.enum(WIDTH_BASES).optional(),
    ballGirthMm: mm(80, 420).optional(),
    waistGirthMm: mm(80, 420).optional(),
    instepGirthMm: mm(80, 450).optional(),
    throatGirthMm: mm(100, 600).optional(),
    toplineGirthMm: mm(80, 600).optional(),
    shaftGirthMm: mm(80, 700).optional(),
    toeDepthMm: mm(5, 80).optional(),
    toeStructure: z.enum(TOE_STRUCTURES).optional(),
    heelHeightMm: mm(0, 280).optional(),
    platformMm: mm(0, 200).optional(),
    flexLineMm: mm(50, 330).optional(),
    upper: z.enum(UPPER_IDS).optional(),
    upperThicknessMm: mm(0, 10).optional(),
    removableInsoleMm: mm(0, 15).optional(),
    closure: z.enum(CLOSURE_IDS).optional(),
    soleStiffness: mm(1, 5).optional().describe('by hand, 1 soft to 5 stiff'),
    scale: z.enum(SCALE_IDS).optional(),
    size: z.string().max(12).optional(),
    width: z.string().max(12).optional(),
    sd: z
      .object({ lengthMm: mm(0, 20), ballLineMm: mm(0, 20), widthMm: mm(0, 20), girthMm: mm(0, 30), taperMm: mm(0, 30), depthMm: mm(0, 20) })
      .partial()
      .optional()
  })
  .superRefine((shoe, context) => {
    for (const { path, message } of checkShoe(shoe)) context.addIssue({ code: 'custom', path: [path], message });
  })
  .meta({ id: 'Shoe' });

/** What is taken of a shoe for benches of their own; the fit does not read it, and its answer says so. */
const NOT_FITTED = ['waistWidthMm', 'upperThicknessMm', 'scale', 'size', 'width'] as const;
type Sent = z.infer<typeof shoeSchema>;
agree<Same<Exclude<keyof Sent, keyof ShoeInput>, (typeof NOT_FITTED)[number]>>();
export const notFittedOfShoe = (shoe: Sent): string[] => NOT_FITTED.filter((key) => shoe[key] !== undefined);

export const toShoeInput = (shoe: Sent): ShoeInput => shoe;
