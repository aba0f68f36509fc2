import { PUBLISHED } from '@chiave/core/size';
import { z } from 'zod';

/** A scale of the tables, a cut of the continental one, or a maker's own by its number. */
export const anyScaleId = z
  .string()
  .max(40)
  .refine((id) => PUBLISHED.find(id) !== undefined || /^maker-\d{1,9}$/.test(id), {
    error: `a scale is one of ${PUBLISHED.all.map((s) => s.id).join(', ')}, or a maker’s own as maker-1`
  })
  .meta({ examples: [...PUBLISHED.all.map((s) => s.id), 'maker-1'] });
