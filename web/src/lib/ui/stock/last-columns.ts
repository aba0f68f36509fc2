import { compileInsole, gradeLast, shoePolygon, TOE_FAMILY, type Last } from '@chiave/core/last';
import { trimNumber } from '@chiave/core/measure';
import type { GridColumn } from '../../stock-list/grid-columns';
import { MARKS } from '../../api/last-fields';
import { closedPath } from '../../drawing/place';

export interface LastItem {
  id: string;
  last: Last;
  maker: string;
  styles: number;
}
const mm = (value: number): string => `${trimNumber(value)} mm`;

/** Insole of a last in its base size, to one scale for all; drawn once for each. */
const outlines = new WeakMap<Last, string>();
function outlineOf(last: Last): string {
  const there = outlines.get(last);
  if (there !== undefined) return there;
  const drawn = closedPath(shoePolygon(compileInsole(gradeLast(last, last.base.size, 0)), 24).map(({ x, y }) => ({ x, y: -y })));
  outlines.set(last, drawn);
  return drawn;
}

export const LAST_GRID: readonly GridColumn<LastItem>[] = [
  { id: 'name', name: 'Last', value: (r) => r.last.name, width: 130, usual: true, link: (r) => `/stock/lasts/${r.id}` },
  {
    id: 'outline',
    name: 'Insole drawn',
    value: (r) => r.last.base.insoleMm,
    text: (r) => `insole of ${r.last.name}`,
    width: 110,
    usual: true,
    sought: false,
    draw: (r) => outlineOf(r.last),
    box: '-8 -66 340 132'
  },
  { id: 'maker', name: 'Maker', value: (r) => r.maker, width: 180, usual: true, choices: true },
  { id: 'aliases', name: 'Also called', value: (r) => (r.last.aliases ?? []).join(', '), width: 130, usual: true },
  { id: 'toe', name: 'Toe', value: (r) => TOE_FAMILY[r.last.family].name, width: 120, usual: true, choices: true },
  {
    id: 'known',
    name: 'Known by',
    value: (r) => MARKS[r.last.evidence.mark].name,
    text: (r) => `${MARKS[r.last.evidence.mark].name.split(' ')[0]}, ± ${trimNumber(r.last.evidence.lengthSdMm)} mm`,
    width: 200,
    usual: true,
    choices: true
  },
  {
    id: 'base',
    name: 'Base size',
    value: (r) => r.last.base.size,
    text: (r) => `${r.last.base.size} ${r.last.base.width}`,
    width: 110,
    usual: true,
    figures: true
  },
  { id: 'foot', name: 'For a foot of', value: (r) => r.last.base.forFootMm, text: (r) => mm(r.last.base.forFootMm), width: 120, usual: true, figures: true },
  { id: 'insole', name: 'Insole', value: (r) => r.last.base.insoleMm, text: (r) => mm(r.last.base.insoleMm), width: 110, usual: true, figures: true },
  { id: 'girth', name: 'Ball girth', value: (r) => r.last.base.ballGirthMm, text: (r) => mm(r.last.base.ballGirthMm), width: 110, usual: true, figures: true },
  {
    id: 'drop',
    name: 'Drop',
    value: (r) => r.last.form?.heelHeightMm ?? null,
    text: (r) => (r.last.form?.heelHeightMm === undefined ? '' : mm(r.last.form.heelHeightMm)),
    width: 90,
    usual: false,
    figures: true
  },
  { id: 'styles', name: 'Styles', value: (r) => r.styles, width: 80, usual: true, figures: true }
];
