import { SCALE, SCALE_IDS, SCHOOL_IDS, parseSize } from '@chiave/core/size';
import { z } from 'zod';

const schools = SCHOOL_IDS as unknown as [string, ...string[]];
const scaleId = z.enum(SCALE_IDS);
const to = z.array(scaleId).min(1).max(SCALE_IDS.length);

const fromLabel = z
  .object({
    scale: scaleId,
    size: z
      .union([z.string().max(12), z.number()])
      .transform(String)
      .describe('as written: 7.5, 42 2/3, 255'),
    school: z.enum(schools).optional(),
    width: z.string().max(12).optional()
  })
  .superRefine((from, context) => {
    const size = parseSize(from.size);
    if (size === null) context.addIssue({ code: 'custom', path: ['size'], message: `“${from.size}” is not a size; write 7.5, 42 2/3 or 255` });
    else if (!Number.isFinite(size) || Math.abs(size) > 1000)
      context.addIssue({ code: 'custom', path: ['size'], message: `${SCALE[from.scale].name} runs from ${SCALE[from.scale].range.join(' to ')}` });
  });

const fromFoot = z.object({
  lengthMm: z.number().min(80, 'must be from 80 to 400 mm').max(400, 'must be from 80 to 400 mm'),
  sdMm: z.number().min(0).max(40).optional()
});

/** A label, or a foot, read in other scales. */
export const convertSchema = z
  .object({ from: fromLabel.optional(), foot: fromFoot.optional(), to })
  .refine((q) => (q.from === undefined) !== (q.foot === undefined), { path: ['from'], message: 'give either from (a label) or foot (a length)' })
  .meta({ id: 'Convert', example: { from: { scale: 'us-w', size: '7.5', school: 'label' }, to: ['us-m'] } });
