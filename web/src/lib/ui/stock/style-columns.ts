import { drawSide, shoeOf, sizesOf, type Style } from '@chiave/core/fit';
import { completeFoot } from '@chiave/core/measure';
import type { Point } from '@chiave/core/shape';
import { closedPath } from '../../drawing/place';
import type { GridColumn } from '../../stock-list/grid-columns';
import { STYLE_GRID } from '../../stock-list/stock-columns';

/** What stands higher above the ground is cut off, mm: a row is low. */
const MOST_MM = 215;
const BOX = '-14 -218 330 222';

/** A style from the side in the middle of its run, round the foot it is made for, to one scale for all; drawn once for each. */
const outlines = new WeakMap<Style, string>();
function outlineOf(style: Style): string {
  const there = outlines.get(style);
  if (there !== undefined) return there;
  const sizes = sizesOf(style);
  const shoe = shoeOf(style, sizes[Math.floor(sizes.length / 2)], style.widths[Math.floor(style.widths.length / 2)]);
  const foot = completeFoot({ side: 'right', values: { lengthMm: { mm: shoe.inside.madeForFootMm } } });
  const { upper, sole, heel, platform, groundY } = drawSide(foot, shoe).drawing;
  const upright = ({ x, y }: Point): Point => ({ x, y: -Math.min(y - groundY, MOST_MM) });
  const drawn = [upper, sole, heel, platform].flatMap((part) => (part ? closedPath(part.map(upright)) : [])).join('');
  outlines.set(style, drawn);
  return drawn;
}

/** The columns of the list of styles: as they are searched, and each style drawn. */
export const STYLE_TABLE: readonly GridColumn<Style>[] = [
  STYLE_GRID[0],
  {
    id: 'outline',
    name: 'From the side',
    value: (s) => s.heelHeightMm,
    text: (s) => `${s.name} from the side`,
    width: 115,
    usual: true,
    sought: false,
    draw: outlineOf,
    box: BOX
  },
  ...STYLE_GRID.slice(1)
];
