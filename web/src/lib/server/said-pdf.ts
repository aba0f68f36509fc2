import type { PaperId } from '../api/papers';
import type { SaidCard } from '../api/said-schema';
import { MmPage } from './pdf';
import { drawGauge } from './size-pdf';

const SOFT = '#5f554b';
/** Room kept free at the foot of a page, mm. */
const FOOT_MM = 22;

/** A card to send: white, black line, readable in grey; what does not go on one page goes on the next. */
export function saidCardPdf(card: SaidCard, paper: PaperId): Promise<Uint8Array> {
  const page = new MmPage(paper, card.title);
  const left = 22;
  const width = page.widthMm - 2 * left;
  let y = 16;
  const ruled = (): void => {
    page.line(left, y, left + width, y, 0.4);
    for (let mm = 0; mm <= width; mm += 5) page.line(left + mm, y, left + mm, y + (mm % 50 === 0 ? 4 : mm % 10 === 0 ? 3 : 1.8), 0.15);
    y += 9;
  };
  const room = (needed: number): void => {
    if (y + needed < page.heightMm - FOOT_MM) return;
    page.nextPage();
    y = 16;
    ruled();
  };
  ruled();
  if (card.shop) page.text(card.shop, left, y, 3.6, { width, align: 'right', colour: SOFT });
  y += page.text(card.title, left, y, 7, { bold: true, width: width * 0.72 }) + 2;
  if (card.question) y += page.text(card.question, left, y, 4.2, { width, colour: SOFT }) + 4;
  if (card.answer) y += page.text(card.answer, left, y, 16, { bold: true, width }) + 1;
  if (card.under) y += page.text(card.under, left, y, 4, { width, colour: SOFT }) + 3;
  for (const { heading, lines } of card.parts) {
    room(18);
    y += 4;
    y += page.text(heading, left, y, 4.8, { bold: true, width }) + 2;
    for (const line of lines) {
      room(8);
      let high = page.text(line.text, left, y, 3.9, { width: line.figure ? width * 0.76 : width });
      if (line.source) high += page.text(line.source, left, y + high, 3.2, { width: width * 0.76, colour: SOFT });
      if (line.figure) page.text(line.figure, left + width * 0.78, y, 3.9, { width: width * 0.22, align: 'right', bold: true });
      y += high + 1.4;
      page.line(left, y, left + width, y, 0.1, '#999999');
      y += 1.6;
    }
  }
  if (card.reservations.length > 0) {
    room(16);
    y += 4;
    y += page.text('With these reservations', left, y, 4.4, { bold: true, width }) + 1.5;
    for (const text of card.reservations) {
      room(8);
      y += page.text(`· ${text}`, left, y, 3.7, { width }) + 1;
    }
  }
  page.text('Advice, not diagnosis; the foot in the shoe decides.', left, page.heightMm - 14, 3.2, { width, colour: SOFT });
  if (card.gauge) {
    page.nextPage();
    drawGauge(page);
  }
  return page.bytes();
}
