import { SCALES, WIDTH_SCALES } from '@chiave/core/size';
import { get } from '$lib/server/endpoint';

export const GET = get(() => ({
  length: SCALES.map(({ rule, ...scale }) => ({ ...scale, ...(rule ? { rule: 'converts by the number on the box, not by length' } : {}) })),
  width: WIDTH_SCALES
}));
