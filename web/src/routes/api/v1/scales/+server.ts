import { scalesAnswer } from '$lib/api/answers';
import { SCALES, WIDTH_SCALES } from '@chiave/core/size';
import { get } from '$lib/server/endpoint';

export const GET = get({ needs: 'look', summary: 'Every length and width scale, with schools and sources', answer: scalesAnswer }, () => ({
  length: SCALES.map(({ rule, ...scale }) => ({ ...scale, ...(rule ? { rule: 'converts by the number on the box, not by length' } : {}) })),
  width: WIDTH_SCALES
}));
