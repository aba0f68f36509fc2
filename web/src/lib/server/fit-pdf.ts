import { capital } from '../capital';
import {
  checkFit,
  drawFit,
  drawSection,
  forecast,
  KIND,
  POINTS,
  shoeOf,
  sizeText,
  stateOf,
  UPPER,
  VERDICT_WORDS,
  wornWith,
  ZONE,
  type EdgePoint,
  type FootFit,
  type PairPutIn,
  type SectionDrawing,
  type Style,
  type ZoneState
} from '@chiave/core/fit';
import { SIDE_LETTER, formatSigned, type Side } from '@chiave/core/measure';
import { smoothClosed } from '@chiave/core/shape';
import { SCALE } from '@chiave/core/size';
import { EDGE_CUTS } from '../drawing/tightness';
import { besideFoot } from '../drawing/above/edge-runs';
import { toScreen } from '../drawing/place';
import { wearOf, wornFeetOf } from '../fit-feet';
import { invalid, refusing } from './problems';
import type { PaperId } from '../api/papers';
import { MmPage } from './pdf';
import type { FittingRow } from '../api/rows';

const INK = '#2a2420';
const SOFT = '#5f554b';
const LINE = '#d9cfbd';
const SIDE = { left: '#1f5f8b', right: '#8a3b6c' } as const;
/** The scale of the screen in print: tight to loose, each with its word in the legend. */
const EDGE: Readonly<Record<ZoneState, string>> = { 'too-tight': '#a8451a', snug: '#e2a37d', right: '#8b8579', roomy: '#8fb7c4', 'too-loose': '#16697f' };
/** Drawn two to five: both feet, the table and the words stand on one page of either paper. */
const DRAWN = 0.4;
/** Kept free at the foot of the page, mm. */
const FOOT_MM = 16;

/**
 * The fit card: both feet in the opened pair, to scale, zone by zone, with what wear will do.
 * @param put what is put into either shoe
 * @throws Problem 422 while the feet are not measured, or for a help that is not for this shoe
 */
export function fitCardPdf(fitting: FittingRow, style: Style, size: number, width: string, paper: PaperId, put: PairPutIn = {}): Promise<Uint8Array> {
  const feet = wornFeetOf(fitting);
  if (feet.length < 2) throw invalid([{ path: 'feet', message: 'measure the length of both feet first' }]);
  const wear = wearOf(fitting);
  const shoe = shoeOf(style, size, width);
  const fit = refusing('put', () => checkFit(feet, shoe, wear, fitting.customer.flags, POINTS.opened, put));
  const label = `${sizeText(style, size)} ${width}`;
  const page = new MmPage(paper, `${style.name} ${label}`);
  const left = 16;
  const wide = page.widthMm - 2 * left;
  page.box(0, 0, page.widthMm, 24, INK);
  page.text('Chiave', left, 7, 7, { bold: true, colour: '#fffdf8' });
  page.text(`${fitting.customer.name}, ${fitting.openedAt.slice(0, 10)}`, left + 40, 9, 4, { colour: '#f0d9a6' });
  page.text(`${style.name}  ${label}`, left, 30, 8, { bold: true });
  page.text(`${SCALE[style.scale].name}; ${style.maker.name}, ${KIND[style.kind].name}, last ${style.last.name}, ${UPPER[style.upper].name}`, left, 40, 3.6, {
    colour: SOFT
  });
  let y = 47;
  const helped = fit.feet.filter((f) => f.putIn.length > 0).map((f) => `${SIDE_LETTER[f.side]} ${f.putIn.join(' and ')}`);
  if (helped.length > 0) y += page.text(`With ${helped.join(', ')}:`, left, y, 4.4, { bold: true, width: wide });
  y += page.text(`${capital(VERDICT_WORDS[fit.verdict])}. ${capital(fit.reason)}.`, left, y, 4.4, { width: wide }) + 2;
  const top = y + 6;
  const longest = Math.max(...feet.map((f) => f.dims.lengthMm), shoe.inside.insoleLengthMm);
  const heelY = top + longest * DRAWN + 4;
  for (const foot of feet) {
    const { side } = foot.foot;
    const worn = wornWith(shoe, wear, put[side]);
    const drawing = drawFit(foot, shoe, worn.wear, worn.aids);
    const centre = left + wide * (side === 'left' ? 0.2 : 0.55);
    const place = toScreen(side, centre, heelY, DRAWN);
    page.path(drawing.shoe.outside.map(place), { fill: '#ffffff', stroke: INK, widthMm: 0.5 });
    page.path(drawing.shoe.inside.map(place), { stroke: INK, widthMm: 0.2 });
    page.path(drawing.insole.map(place), { stroke: SOFT, widthMm: 0.2, dashMm: 0.8 });
    page.path(smoothClosed(drawing.foot.knots).map(place), { fill: '#f1e2cf', stroke: '#8a6a48' });
    for (const toe of drawing.foot.toes) page.path(smoothClosed(toe.nail).map(place), { stroke: '#b48a62', widthMm: 0.15 });
    page.path(drawing.shoe.opening.map(place), { stroke: SOFT, widthMm: 0.25 });
    for (const edge of besideFoot(drawing)) edgeInColour(page, edge, place);
    const toe = drawing.toes[drawing.firstToe];
    const inFit = fit.feet.find((f) => f.side === side)!;
    page.text(`${toe.name}: ${formatSigned(inFit.usableRoomMm, 'mm')} mm${inFit.heel ? ', flat' : ''}`, centre - 25, top - 5.5, 3.4, {
      width: 50,
      align: 'center',
      bold: true
    });
    page.text(side === 'left' ? 'L left' : 'R right', centre - 25, heelY + 3, 5, { width: 50, align: 'center', bold: true, colour: SIDE[side] });
  }
  legend(page, left + wide * 0.78, top);
  feet.forEach((foot, i) => {
    const worn = wornWith(shoe, wear, put[foot.foot.side]);
    section(page, foot.foot.side, drawSection(foot, shoe, worn.wear, worn.aids), fit.feet[i], left + wide * 0.88, top + 68 + 33 * i);
  });
  y = heelY + 13;
  page.text('Millimetres of room: plus loose, minus tight', left, y, 3.4, { colour: SOFT });
  y = zoneTable(page, fit.feet, left, y + 5.5, wide);
  const seen = forecast(feet, shoe, wear, 0, put);
  y += 3;
  y += page.text('After hours of wear', left, y, 4.4, { bold: true }) + 1;
  y += page.text(`${seen.now} ${seen.mould}`, left, y, 3.6, { width: wide }) + 2;
  for (const caution of fit.cautions) {
    // What does not stand on the page is on the screen; a caution is never cut in half.
    if (y > page.heightMm - FOOT_MM - 10) break;
    y += page.text(`· ${caution}`, left, y, 3.4, { width: wide }) + 1;
  }
  page.text(
    'Drawn two to five, seen from above and across the ball, your left on the left. Targets and forecast are estimates; the foot in the shoe decides. Advice, not diagnosis.',
    left,
    page.heightMm - 12,
    3,
    { width: wide, colour: SOFT }
  );
  return page.bytes();
}

function edgeInColour(page: MmPage, edge: readonly EdgePoint[], place: ReturnType<typeof toScreen>): void {
  for (let i = 1; i < edge.length; i++)
    page.path([place(edge[i - 1]), place(edge[i])], { stroke: EDGE[stateOf(edge[i].clearanceMm, EDGE_CUTS)], widthMm: 1, closed: false });
}

function legend(page: MmPage, x: number, y: number): void {
  Object.entries(EDGE).forEach(([state, colour], i) => {
    page.box(x, y + 7 * i + 1, 8, 2, colour);
    page.text(state.replace('-', ' '), x + 10, y + 7 * i, 3.4);
  });
}

/** One foot in its shoe cut across at the ball, the shoe in the colour of its girth. */
function section(page: MmPage, side: Side, drawn: SectionDrawing, { zones }: FootFit, centre: number, floorY: number): void {
  const girth = zones.find((z) => z.zone === 'ball-girth')!;
  const place = ({ x, y }: { x: number; y: number }) => ({ x: centre + (side === 'left' ? 1 : -1) * x * DRAWN, y: floorY - y * DRAWN });
  page.path(drawn.foot.map(place), { fill: '#f1e2cf', stroke: '#c9b497' });
  page.path(drawn.shoe.map(place), { stroke: EDGE[girth.state as ZoneState], widthMm: 0.9 });
  page.text(`${SIDE_LETTER[side]} across the ball: ${formatSigned(drawn.girthGapMm, 'mm')} mm`, centre - 22, floorY + 1.5, 3, {
    width: 44,
    align: 'center',
    colour: SIDE[side]
  });
}

function zoneTable(page: MmPage, feet: ReturnType<typeof checkFit>['feet'], x: number, top: number, wide: number): number {
  let y = top;
  const columns = [x, x + wide * 0.34, x + wide * 0.67];
  page.text('L left', columns[1], y, 3.6, { bold: true, colour: SIDE.left });
  page.text('R right', columns[2], y, 3.6, { bold: true, colour: SIDE.right });
  y += 5.4;
  for (const { zone } of feet[0].zones) {
    page.line(x, y - 0.8, x + wide, y - 0.8, 0.15, LINE);
    page.text(ZONE[zone].name, columns[0], y, 3.6);
    feet.forEach((foot, i) => {
      const z = foot.zones.find((f) => f.zone === zone);
      if (z)
        page.text(
          `${formatSigned(z.clearanceMm, 'mm')} mm, ${z.state.replace('-', ' ')}${z.decides && foot.decidedBy === zone ? ' · decides' : ''}`,
          columns[i + 1],
          y,
          3.6,
          { bold: foot.decidedBy === zone }
        );
    });
    y += 4.9;
  }
  return y;
}
