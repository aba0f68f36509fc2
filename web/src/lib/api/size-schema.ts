import { footLength } from './foot-length';
import { CUTS, EVIDENCE_IDS, FOR_WHOM, type MakerScaleInput } from '@chiave/core/size';
import { z } from 'zod';
import { anyScaleId } from './scale-id';
import { eachOnce } from './sets';
import { agree, type Same } from './values';

/** The strips laid along the rule, in order. */
export const stripsSchema = z
  .object({ strips: z.array(anyScaleId).min(1, 'keep at least one strip').max(40) })
  .refine(({ strips }) => new Set(strips).size === strips.length, { path: ['strips'], message: 'each scale once' })
  .meta({ id: 'Strips' });

const thisYear = new Date().getUTCFullYear();

/** One report of how a last runs against its label. */
export const habitFields = z.object({
  lastId: z.string().max(60),
  evidence: z.enum(EVIDENCE_IDS),
  offsetSizes: z
    .number('write it in sizes: 0.5 for half a size long, -0.5 for short')
    .min(-3, 'from -3 to 3 sizes')
    .max(3, 'from -3 to 3 sizes')
    .describe('sizes longer (+) or shorter (-) than the label says'),
  variant: z.string().max(80),
  madeYear: z.number().int().min(1950, 'a year from 1950 on').max(thisYear, 'not in the future').nullable(),
  note: z.string().max(2000)
});
export const habitSchema = habitFields
  .extend({ variant: habitFields.shape.variant.default(''), madeYear: habitFields.shape.madeYear.default(null), note: habitFields.shape.note.default('') })
  .meta({ id: 'Habit' });

const column = z.object({ scale: anyScaleId, school: z.string().max(20).optional() });
const length = footLength('feet from');

/** A chart of any set of scales over a range of feet. */
export const chartSchema = z
  .object({
    columns: z.array(column).min(1, 'choose at least one scale').max(12, 'at most twelve scales fit a page'),
    fromMm: length,
    toMm: length,
    by: z.union([z.object({ stepMm: z.number().min(0.5).max(50) }), column]).default({ stepMm: 5 }),
    format: z.enum(['json', 'pdf']).default('json'),
    paper: z.enum(['a4', 'letter']).default('a4'),
    title: z.string().max(80).default('Sizes')
  })
  .meta({ id: 'Chart', example: { columns: [{ scale: 'us-w', school: 'label' }, { scale: 'eu' }], fromMm: 220, toMm: 260 } });

/** A maker's own scale. */
export const makerScaleFields = z.object({
  makerId: z.string().max(60),
  name: z.string().trim().min(1, 'a name for the scale').max(40),
  unitMm: z.number('one size in mm').min(1, 'one size is 1 to 30 mm').max(30, 'one size is 1 to 30 mm'),
  knownSize: z.number('a size that is known').min(0).max(500),
  knownFootMm: footLength('a foot of'),
  cut: z.enum(CUTS),
  from: z.number('the smallest size').min(0).max(500),
  to: z.number('the largest size').min(0).max(500),
  forWhom: z.enum(FOR_WHOM),
  note: z.string().max(300).default(''),
  widths: z
    .object({
      names: eachOnce(z.array(z.string().trim().min(1).max(12)).min(1).max(20), 'width'),
      firstMm: z.number().min(20).max(400),
      stepMm: z.number().min(0.5, 'a step of 0.5 to 30 mm').max(30, 'a step of 0.5 to 30 mm')
    })
    .nullable()
    .default(null)
});
agree<Same<Omit<z.infer<typeof makerScaleFields>, 'makerId'>, MakerScaleInput>>();
export const makerScaleSchema = makerScaleFields.meta({ id: 'MakerScale' });
