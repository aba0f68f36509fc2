import { SCALE, fromFootMm, schoolOf, toFootMm, formatSize, type Chart, type ScaleId } from '@chiave/core/size';
import type { PaperId } from '../api/papers';
import { MmPage } from './pdf';

const INK = '#2a2420';
const SOFT = '#5f554b';
const BRASS = '#8a5f12';
const PAPER = '#f6ecdd';

/** A check ruler of exactly 100 mm, horizontal or vertical, with its words. */
function checkRuler(page: MmPage, x: number, y: number, way: 'across' | 'down'): void {
  const at = (mm: number, out: number): [number, number] => (way === 'across' ? [x + mm, y + out] : [x + out, y + mm]);
  const [x2, y2] = at(100, 0);
  page.line(x, y, x2, y2, 0.3, INK);
  for (let mm = 0; mm <= 100; mm += 5) {
    const [a, b] = at(mm, 0);
    const [c, d] = at(mm, mm % 50 === 0 ? 4 : mm % 10 === 0 ? 3 : 1.8);
    page.line(a, b, c, d, mm % 50 === 0 ? 0.3 : 0.2, INK);
  }
  if (way === 'across') page.text('check ruler, 100 mm', x, y + 4.6, 3, { colour: SOFT });
  else page.text('check ruler, 100 mm', x + 5, y + 48, 3, { colour: SOFT });
}

/** The scales on a gauge, from the inside out. */
const GAUGE_SCALES: readonly { id: ScaleId; school?: string; head: string }[] = [
  { id: 'eu', head: 'EU' },
  { id: 'uk', head: 'UK' },
  { id: 'us-m', school: 'device', head: 'US M' },
  { id: 'us-w', school: 'label', head: 'US W' },
  { id: 'jp', head: 'JP cm' }
];

/**
 * A foot gauge at true size: heel on the line at the foot of the page, the longest toe read on the rule.
 * Everything is drawn in millimetres; two check rulers and a square tell whether the printer kept them.
 */
export function gaugePdf(paper: PaperId): Promise<Uint8Array> {
  const page = new MmPage(paper, 'Foot gauge');
  drawGauge(page);
  return page.bytes();
}
/** The gauge on a page of its own. */
export function drawGauge(page: MmPage): void {
  const heelY = page.heightMm - 14;
  const top = 26;
  const longest = Math.floor(heelY - top);
  // Right of the horizontal check ruler, which ends at 112 mm.
  const ruleX = 120;
  page.text('Foot gauge', 12, 9, 6, { bold: true });
  page.text('Print at 100 %, not “fit to page”. Measure both check rulers before use.', 12, 17, 3.6, { colour: SOFT });
  page.line(12, heelY, page.widthMm - 12, heelY, 0.6, INK);
  page.text('heel here, against a wall or a book: standing, weight on', 12, heelY + 1.6, 3.4, { colour: SOFT });
  for (let mm = 90; mm <= longest; mm++) {
    const y = heelY - mm;
    page.line(ruleX, y, ruleX + (mm % 10 === 0 ? 9 : mm % 5 === 0 ? 6.5 : 4), y, mm % 10 === 0 ? 0.3 : 0.15, INK);
    if (mm % 10 === 0) page.text(`${mm}`, ruleX + 10, y - 1.7, 3.4, { bold: true });
  }
  page.line(ruleX, heelY - 90, ruleX, heelY - longest, 0.3, INK);
  GAUGE_SCALES.forEach(({ id, school, head }, i) => {
    const x = ruleX + 21 + i * 12;
    const scale = SCALE[id];
    const own = schoolOf(scale, school);
    page.text(head, x - 2, top - 5, 3.2, { bold: true, colour: BRASS });
    const first = Math.ceil(Math.max(scale.range[0], fromFootMm(own, 150)) / scale.step) * scale.step;
    for (let size = first; toFootMm(own, size) <= longest; size += scale.step) {
      const y = heelY - toFootMm(own, size);
      const whole = Math.abs(size - Math.round(size)) < 1e-6;
      page.line(x, y, x + (whole ? 3.4 : 2), y, whole ? 0.25 : 0.12, BRASS);
      if (whole) page.text(formatSize(size, scale.step), x + 4, y - 1.3, 2.7);
    }
  });
  checkRuler(page, 12, 34, 'across');
  checkRuler(page, 12, 60, 'down');
  page.doc.lineWidth(0.85).strokeColor(INK);
  const k = 72 / 25.4;
  page.doc.rect(30 * k, 112 * k, 50 * k, 50 * k).stroke();
  page.text('square of 50 mm', 32, 115, 3, { colour: SOFT });
  page.text(
    'If a check ruler is not 100 mm: type what it measures under Sizes, Charts, and the reading is corrected. Off by more than a tenth, or not alike both ways: print again.',
    12,
    172,
    3.4,
    { width: 76, colour: SOFT }
  );
  page.text(`Feet from 90 to ${longest} mm.`, 12, 192, 3.4, { colour: SOFT });
}

/** A chart of scales, with its schools and a check ruler. */
export function chartPdf(chart: Chart, paper: PaperId, title: string): Promise<Uint8Array> {
  const page = new MmPage(paper, title);
  const left = 14;
  const width = page.widthMm - 2 * left;
  const column = width / (chart.columns.length + 1);
  const rowH = 5.2;
  const bottom = page.heightMm - 24;
  const head = (): number => {
    page.text(title, left, 10, 6, { bold: true });
    page.text('foot, mm', left, 21, 3.4, { bold: true });
    chart.columns.forEach((c, i) => {
      const x = left + (i + 1) * column;
      page.text(c.name, x, 21, 3.4, { bold: true, width: column - 1 });
      page.text(c.school, x, 26.5, 2.5, { colour: SOFT, width: column - 1 });
    });
    page.line(left, 34, left + width, 34, 0.4, INK);
    checkRuler(page, left, page.heightMm - 15, 'across');
    return 36;
  };
  let y = head();
  chart.rows.forEach((row, i) => {
    if (y + rowH > bottom) {
      page.doc.addPage();
      y = head();
    }
    if (i % 2 === 0) page.box(left, y - 0.6, width, rowH, PAPER);
    page.text(row.footMm.toFixed(1).replace(/\.0$/, ''), left + 1, y, 3.6, { bold: true });
    row.cells.forEach((cell, c) => page.text(cell.label, left + (c + 1) * column, y, 3.6));
    y += rowH;
  });
  return page.bytes();
}
