import { KIND, sizesOf, sizeText, stockKey, UPPER, widthSteps, type Style } from '@chiave/core/fit';
import { gradeLast, TOE_FAMILY, type Inside } from '@chiave/core/last';
import { trimNumber } from '@chiave/core/measure';
import { SCALE } from '@chiave/core/size';
import { MARKS } from '../api/last-fields';
import type { GridColumn } from './grid-columns';

const marked =
  (field: string) =>
  (style: Style): { letter: string; title: string } | null => {
    const e = style.details?.evidence[field];
    return e ? { letter: MARKS[e.mark].letter, title: `${MARKS[e.mark].name}${e.source ? `, ${e.source}` : ''}${e.date ? `, ${e.date}` : ''}` } : null;
  };

const mm = (value: number): string => `${trimNumber(value)} mm`;
export const pairsOf = (style: Style): number => Object.values(style.stock).reduce((sum, n) => sum + n, 0);
const years = ({ details }: Style): string => (details?.madeFrom ? `${details.madeFrom} to ${details.madeTo ?? 'now'}` : '');

export const STYLE_GRID: readonly GridColumn<Style>[] = [
  { id: 'name', name: 'Style', value: (s) => s.name, width: 190, usual: true, link: (s) => `/stock/styles/${s.id}` },
  { id: 'maker', name: 'Maker', value: (s) => s.maker.name, width: 150, usual: true, choices: true },
  { id: 'last', name: 'Last', value: (s) => s.last.name, width: 100, usual: true, choices: true, link: (s) => `/stock/lasts/${s.last.id}` },
  { id: 'toe', name: 'Toe', value: (s) => TOE_FAMILY[s.last.family].name, width: 110, usual: true, choices: true },
  { id: 'kind', name: 'Kind', value: (s) => KIND[s.kind].name, width: 150, usual: true, choices: true },
  { id: 'forWhom', name: 'For', value: (s) => s.forWhom, width: 90, usual: false },
  { id: 'upper', name: 'Upper', value: (s) => UPPER[s.upper].name, mark: marked('upper'), width: 120, usual: true },
  { id: 'closure', name: 'Closure', value: (s) => s.closure, width: 90, usual: false },
  { id: 'heel', name: 'Heel, mm', value: (s) => s.heelHeightMm, mark: marked('heelHeightMm'), width: 100, usual: true, figures: true },
  { id: 'platform', name: 'Platform, mm', value: (s) => s.platformMm, width: 120, usual: false, figures: true },
  { id: 'stiff', name: 'Sole, 1 to 5', value: (s) => s.soleStiffness, mark: marked('soleStiffness'), width: 110, usual: false, figures: true },
  { id: 'scale', name: 'Scale', value: (s) => SCALE[s.scale].name, width: 140, usual: false },
  {
    id: 'run',
    name: 'Sizes',
    value: (s) => s.from,
    text: (s) => `${sizeText(s, s.from)} to ${sizeText(s, s.to)}`,
    width: 110,
    usual: true,
    figures: true
  },
  { id: 'widths', name: 'Widths', value: (s) => s.widths.length, text: (s) => s.widths.join(' '), width: 130, usual: true },
  { id: 'pairs', name: 'On shelf', value: pairsOf, width: 90, usual: true, figures: true },
  { id: 'colour', name: 'Colour', value: (s) => s.details?.colour ?? '', width: 100, usual: false },
  { id: 'variant', name: 'Variant', value: (s) => s.details?.variant ?? '', width: 110, usual: false },
  { id: 'factory', name: 'Factory', value: (s) => s.details?.factory ?? '', width: 130, usual: false },
  { id: 'made', name: 'Made', value: (s) => s.details?.madeFrom ?? null, text: years, width: 130, usual: false },
  { id: 'lining', name: 'Lining', value: (s) => s.details?.lining ?? '', width: 100, usual: false },
  { id: 'sole', name: 'Sole', value: (s) => s.details?.sole ?? '', width: 120, usual: false },
  { id: 'weight', name: 'Weight, g', value: (s) => s.details?.weightG ?? null, mark: marked('weightG'), width: 100, usual: false, figures: true },
  { id: 'price', name: 'Price', value: (s) => s.details?.price ?? null, width: 90, usual: false, figures: true }
];

/** One size and width of a style; its inside is graded only when somebody looks. */
export class StockItem {
  #inside: Inside | null = null;
  readonly id: string;
  readonly label: string;
  readonly count: number;
  constructor(
    readonly style: Style,
    readonly size: number,
    readonly width: string
  ) {
    const key = stockKey(style, size, width);
    this.id = `${style.id}|${key}`;
    this.label = sizeText(style, size);
    this.count = style.stock[key] ?? 0;
  }
  get inside(): Inside {
    return (this.#inside ??= gradeLast(this.style.last, this.size, widthSteps(this.style, this.width)));
  }
}

/** Every size and width of every style. */
export const itemsOf = (styles: readonly Style[]): StockItem[] =>
  styles.flatMap((style) => sizesOf(style).flatMap((size) => style.widths.map((width) => new StockItem(style, size, width))));

export const ITEM_GRID: readonly GridColumn<StockItem>[] = [
  { id: 'name', name: 'Style', value: (i) => i.style.name, width: 190, usual: true, link: (i) => `/stock/styles/${i.style.id}` },
  { id: 'maker', name: 'Maker', value: (i) => i.style.maker.name, width: 150, usual: true, choices: true },
  { id: 'last', name: 'Last', value: (i) => i.style.last.name, width: 100, usual: true },
  { id: 'kind', name: 'Kind', value: (i) => KIND[i.style.kind].name, width: 140, usual: true, choices: true },
  { id: 'size', name: 'Size', value: (i) => i.size, text: (i) => i.label, width: 80, usual: true, figures: true },
  { id: 'width', name: 'Width', value: (i) => i.width, width: 80, usual: true, choices: true },
  { id: 'foot', name: 'For a foot of', value: (i) => i.inside.madeForFootMm, text: (i) => mm(i.inside.madeForFootMm), width: 120, usual: true, figures: true },
  { id: 'inside', name: 'Insole', value: (i) => i.inside.insoleLengthMm, text: (i) => mm(i.inside.insoleLengthMm), width: 110, usual: true, figures: true },
  { id: 'girth', name: 'Ball girth', value: (i) => i.inside.ballGirthMm, text: (i) => mm(i.inside.ballGirthMm), width: 110, usual: true, figures: true },
  { id: 'count', name: 'On shelf', value: (i) => i.count, width: 90, usual: true, figures: true }
];
