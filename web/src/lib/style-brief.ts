import type { Style } from '@chiave/core/fit';
import type { ToeFamilyId } from '@chiave/core/last';

/** What of a style a list is filtered and named by: a few bytes each, where a whole style with its shelf is thousands. */
export interface StyleBrief extends Pick<Style, 'id' | 'name' | 'kind' | 'forWhom' | 'scale' | 'step' | 'from' | 'to' | 'widths' | 'heelHeightMm'> {
  maker: string;
  lastId: string;
  family: ToeFamilyId;
}

export const briefOf = ({ id, name, kind, forWhom, scale, step, from, to, widths, heelHeightMm, maker, last }: Style): StyleBrief => ({
  id,
  name,
  kind,
  forWhom,
  scale,
  step,
  from,
  to,
  widths,
  heelHeightMm,
  maker: maker.name,
  lastId: last.id,
  family: last.family
});

const COLUMNS = [
  'id',
  'name',
  'kind',
  'forWhom',
  'scale',
  'step',
  'from',
  'to',
  'widths',
  'heelHeightMm',
  'maker',
  'lastId',
  'family'
] as const satisfies readonly (keyof StyleBrief)[];

/** Briefs as one text, without the names of their columns: thousands of small objects take the page longer to put together than a text to read. */
export const packBriefs = (styles: readonly Style[]): string => JSON.stringify(styles.map(briefOf).map((brief) => COLUMNS.map((column) => brief[column])));

/** Reads them again. */
export const unpackBriefs = (packed: string): StyleBrief[] =>
  (JSON.parse(packed) as unknown[][]).map((row) => Object.fromEntries(COLUMNS.map((column, i) => [column, row[i]])) as unknown as StyleBrief);
