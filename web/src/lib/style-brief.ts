import type { Style } from '@chiave/core/fit';
import type { ToeFamilyId } from '@chiave/core/last';

/** What of a style a list is filtered and named by: a few bytes each, where a whole style with its shelf is thousands. */
export interface StyleBrief extends Pick<Style, 'id' | 'name' | 'kind' | 'forWhom' | 'scale' | 'step' | 'from' | 'to' | 'heelHeightMm'> {
  maker: string;
  lastId: string;
  family: ToeFamilyId;
}

export const briefOf = ({ id, name, kind, forWhom, scale, step, from, to, heelHeightMm, maker, last }: Style): StyleBrief => ({
  id,
  name,
  kind,
  forWhom,
  scale,
  step,
  from,
  to,
  heelHeightMm,
  maker: maker.name,
  lastId: last.id,
  family: last.family
});
