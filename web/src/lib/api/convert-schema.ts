import { footLength } from './foot-length';
import { PUBLISHED, SCHOOL_IDS, parseSize } from '@chiave/core/size';
import { z } from 'zod';
import { anyScaleId } from './scale-id';

const schools = SCHOOL_IDS as unknown as [string, ...string[]];
/** Scales asked for at once. */
const MOST_SCALES = 60;
const to = z.array(anyScaleId).min(1).max(MOST_SCALES);

const tooFar = (id: string): string => {
  const scale = PUBLISHED.find(id);
  return scale ? `${scale.name} runs from ${scale.range.join(' to ')}` : 'no scale has such a size';
};

const fromLabel = z
  .object({
    scale: anyScaleId,
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
    else if (!Number.isFinite(size) || Math.abs(size) > 1000) context.addIssue({ code: 'custom', path: ['size'], message: tooFar(from.scale) });
  });

const fromFoot = z.object({
  lengthMm: footLength('must be from'),
  sdMm: z.number().min(0).max(40).optional()
});

/** A label, or a foot, read in other scales. */
export const convertSchema = z
  .object({ from: fromLabel.optional(), foot: fromFoot.optional(), to })
  .refine((q) => (q.from === undefined) !== (q.foot === undefined), { path: ['from'], message: 'give either from (a label) or foot (a length)' })
  .meta({ id: 'Convert', example: { from: { scale: 'us-w', size: '6.5', school: 'label' }, to: ['us-m'] } });
