import {
  checkFit,
  drawFit,
  POINTS,
  shoeOf,
  sizeText,
  VERDICT_WORDS,
  wornWith,
  ZONE,
  type Fit,
  type PairPutIn,
  type Style,
  type ZoneId
} from '@chiave/core/fit';
import { SIDE_LETTER, formatLength, formatSigned, SIDES, type Side } from '@chiave/core/measure';
import { smoothClosed } from '@chiave/core/shape';
import { SCALE } from '@chiave/core/size';
import { withFractions } from '../size-fractions';
import type { CardPaperId } from '../api/papers';
import type { FittingRow } from '../api/rows';
import { capital } from '../capital';
import { toScreen } from '../drawing/place';
import { wordOf } from '../drawing/tightness';
import { wearOf, wornFeetOf } from '../fit-feet';
import { MmPage } from './pdf';
import { invalid, refusing } from './problems';

/** Width of an A6 sheet: everything on a larger one grows with it. */
const A6_MM = 105;
const SOFT = '#5f554b';
/** The three things a wearer asks of a pair, front to back. */
const TOLD: readonly ZoneId[] = ['toe-room', 'ball-girth', 'heel-slip'];

/**
 * The card a customer takes home: name, size, both feet in the shoe, three findings and what to do. White, black line, readable in grey.
 * @throws Problem 422 while the feet are not measured, or for a help that is not for this shoe
 */
export function homeCardPdf(fitting: FittingRow, style: Style, size: number, width: string, paper: CardPaperId, put: PairPutIn = {}): Promise<Uint8Array> {
  const feet = wornFeetOf(fitting);
  if (feet.length < 2) throw invalid([{ path: 'feet', message: 'measure the length of both feet first' }]);
  const wear = wearOf(fitting);
  const shoe = shoeOf(style, size, width);
  const fit = refusing('put', () => checkFit(feet, shoe, wear, fitting.customer.flags, POINTS.opened, put));
  const page = new MmPage(paper, `${style.name} ${sizeText(style, size)} ${width}`);
  const k = page.widthMm / A6_MM;
  const left = 6 * k;
  const wide = page.widthMm - 2 * left;
  rule(page, left, 6 * k, wide);
  page.text(fitting.customer.name, left, 14 * k, 6.4 * k, { bold: true, width: wide * 0.7 });
  page.text(fitting.openedAt.slice(0, 10), left, 16 * k, 3.4 * k, { width: wide, align: 'right', colour: SOFT });
  page.line(left, 23.5 * k, left + wide, 23.5 * k, 0.4);
  page.text(withFractions(sizeText(style, size)), left, 25 * k, 13 * k, { bold: true });
  page.text(`${style.name}, ${width}`, left + 34 * k, 27.5 * k, 4.4 * k, { bold: true, width: wide - 34 * k });
  page.text(`${style.maker.name}; ${SCALE[style.scale].name}`, left + 34 * k, 33.5 * k, 3.3 * k, { width: wide - 34 * k, colour: SOFT });

  const heelY = 101 * k;
  const longest = Math.max(shoe.inside.insoleLengthMm, ...feet.map((f) => f.dims.lengthMm)) + 8;
  const scale = (57 * k) / longest;
  for (const foot of feet) {
    const { side } = foot.foot;
    const worn = wornWith(shoe, wear, put[side]);
    const drawing = drawFit(foot, shoe, worn.wear, worn.aids);
    const centre = left + (side === 'left' ? 17 : 46) * k;
    const place = toScreen(side, centre, heelY, scale);
    page.path(drawing.shoe.outside.map(place), { fill: '#ffffff', stroke: '#000000', widthMm: 0.7 });
    page.path(smoothClosed(drawing.foot.knots).map(place), { fill: '#f2f2f2', stroke: '#000000', widthMm: 0.25 });
    for (const toe of drawing.foot.toes) page.path(smoothClosed(toe.nail).map(place), { stroke: '#777777', widthMm: 0.12 });
    page.path(drawing.shoe.opening.map(place), { stroke: '#555555', widthMm: 0.25 });
    page.text(`${SIDE_LETTER[side]} ${formatLength(foot.foot.values.lengthMm.mm, 'mm')}`, centre - 12 * k, heelY + 1.5 * k, 3.8 * k, {
      width: 24 * k,
      align: 'center',
      bold: true
    });
  }
  let y = 47 * k;
  for (const zone of TOLD) {
    const told = SIDES.flatMap((side) => findingOf(fit, side, zone));
    if (told.length === 0) continue;
    page.text(capital(ZONE[zone].name), left + 64 * k, y, 3.8 * k, { bold: true });
    for (const words of told) page.text(words, left + 64 * k, (y += 4.6 * k), 3.3 * k, { width: wide - 64 * k });
    y += 7.5 * k;
  }
  page.line(left, 109 * k, left + wide, 109 * k, 0.3);
  y = 111 * k;
  const inIt = fit.feet.filter((f) => f.putIn.length > 0).map((f) => `${SIDE_LETTER[f.side]} ${f.putIn.join(' and ')}`);
  const lines = [
    ['In it', inIt.length > 0 ? inIt.join(', ') : 'nothing'],
    ['It', `${VERDICT_WORDS[fit.verdict]}: ${fit.reason}`],
    ...(fit.cautions[0] ? [['Watch', fit.cautions[0]]] : []),
    ['At home', 'indoors on carpet first, the soles kept clean until you are sure']
  ];
  for (const [name, words] of lines) {
    // What has no room left is said by mouth: nothing lies over the last line.
    if (y > page.heightMm - 21 * k) break;
    y += page.text(`${name}: ${words}.`.replace('..', '.'), left, y, 3.3 * k, { width: wide }) + 0.6 * k;
  }
  page.text(
    'Room in mm, plus loose, minus tight, as estimated from your feet; the foot in the shoe decides. Advice, not diagnosis.',
    left,
    page.heightMm - 10 * k,
    3.2 * k,
    { width: wide, colour: SOFT }
  );
  return page.bytes();
}

function findingOf({ feet }: Fit, side: Side, zone: ZoneId): string[] {
  const own = feet.find((f) => f.side === side)?.zones.find((z) => z.zone === zone);
  return own ? [`${SIDE_LETTER[side]} ${formatSigned(own.clearanceMm, 'mm')}, ${wordOf(own.state)}`] : [];
}

/** A rule in true millimetres along the top edge. */
function rule(page: MmPage, x: number, y: number, wide: number): void {
  page.line(x, y, x + wide, y, 0.3);
  page.line(x, y + 4, x + wide, y + 4, 0.3);
  for (let mm = 0; mm <= wide; mm++) page.line(x + mm, y, x + mm, y + (mm % 10 === 0 ? 4 : mm % 5 === 0 ? 2.6 : 1.5), 0.12);
}
