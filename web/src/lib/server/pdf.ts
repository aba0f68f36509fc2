import PDFDocument from 'pdfkit';
import { CARD_PAPERS, PAPERS, type CardPaperId, type PaperId } from '../api/papers';
import { fileOf, runsOf, type Run, type Weight } from './pdf-faces';

/** Points in a millimetre: a PDF's own unit is 1/72 in. */
export const PT_PER_MM = 72 / 25.4;

const ALL = { ...PAPERS, ...CARD_PAPERS };

/** A page drawn in millimetres, origin at the top left. */
export class MmPage {
  readonly doc: PDFKit.PDFDocument;
  constructor(
    readonly paper: PaperId | CardPaperId,
    title: string
  ) {
    const { widthMm, heightMm } = ALL[paper];
    this.doc = new PDFDocument({ size: [widthMm * PT_PER_MM, heightMm * PT_PER_MM], margin: 0, info: { Title: title, Creator: 'Chiave' }, compress: true });
  }
  /** A new page of the same size, behind this one. */
  nextPage(): void {
    this.doc.addPage({ size: [this.widthMm * PT_PER_MM, this.heightMm * PT_PER_MM], margin: 0 });
  }
  get widthMm(): number {
    return ALL[this.paper].widthMm;
  }
  get heightMm(): number {
    return ALL[this.paper].heightMm;
  }
  line(x1: number, y1: number, x2: number, y2: number, widthMm = 0.2, colour = '#2a2420'): void {
    this.doc
      .lineWidth(widthMm * PT_PER_MM)
      .strokeColor(colour)
      .moveTo(x1 * PT_PER_MM, y1 * PT_PER_MM)
      .lineTo(x2 * PT_PER_MM, y2 * PT_PER_MM)
      .stroke();
  }
  /** A path through points, mm; closed and filled, or an open line. */
  path(points: readonly { x: number; y: number }[], look: { fill?: string; stroke?: string; widthMm?: number; closed?: boolean; dashMm?: number }): void {
    const { fill, stroke, widthMm = 0.2, closed = true, dashMm } = look;
    if (points.length < 2) return;
    this.doc.lineWidth(widthMm * PT_PER_MM).moveTo(points[0].x * PT_PER_MM, points[0].y * PT_PER_MM);
    for (const p of points.slice(1)) this.doc.lineTo(p.x * PT_PER_MM, p.y * PT_PER_MM);
    if (closed) this.doc.closePath();
    if (dashMm) this.doc.dash(dashMm * PT_PER_MM, { space: dashMm * PT_PER_MM });
    if (fill && stroke) this.doc.fillAndStroke(fill, stroke);
    else if (fill) this.doc.fill(fill);
    else this.doc.strokeColor(stroke ?? '#2a2420').stroke();
    if (dashMm) this.doc.undash();
  }
  box(x: number, y: number, w: number, h: number, fill: string): void {
    this.doc.rect(x * PT_PER_MM, y * PT_PER_MM, w * PT_PER_MM, h * PT_PER_MM).fill(fill);
  }
  /** @returns the height taken, mm */
  text(
    text: string,
    x: number,
    y: number,
    sizeMm: number,
    options: { width?: number; bold?: boolean; align?: 'left' | 'center' | 'right'; colour?: string } = {}
  ): number {
    const { width, bold = false, align = 'left', colour = '#2a2420' } = options;
    const weight: Weight = bold ? 'bold' : 'text';
    const runs = runsOf(text);
    this.doc.fontSize(sizeMm * PT_PER_MM).fillColor(colour);
    const [left, top] = [x * PT_PER_MM, y * PT_PER_MM];
    const laid = { width: width === undefined ? undefined : width * PT_PER_MM, align, lineBreak: width !== undefined };
    const set = (run: Run): PDFKit.PDFDocument => this.#face(run, weight);
    if (runs.length <= 1) {
      const whole = runs[0]?.text ?? '';
      if (runs[0]) set(runs[0]);
      this.doc.text(whole, left, top, laid);
      return this.doc.heightOfString(whole, laid) / PT_PER_MM;
    }
    const widths = runs.map((run) => set(run).widthOfString(run.text));
    const total = widths.reduce((sum, w) => sum + w, 0);
    if (laid.width !== undefined && total > laid.width) {
      // More than a line: each stretch goes on where the one before ended.
      runs.forEach((run, i) => {
        const goesOn = { ...laid, align: 'left' as const, continued: i < runs.length - 1 };
        if (i === 0) set(run).text(run.text, left, top, goesOn);
        else set(run).text(run.text, goesOn);
      });
      return (this.doc.y - top) / PT_PER_MM;
    }
    const room = (laid.width ?? total) - total;
    let at = left + (align === 'right' ? room : align === 'center' ? room / 2 : 0);
    let height = 0;
    // On one baseline, whatever the face: that of the tallest.
    const ascents = runs.map((run) => ((set(run) as unknown as { _font: { ascender: number } })._font.ascender / 1000) * sizeMm * PT_PER_MM);
    const baseline = Math.max(...ascents);
    runs.forEach((run, i) => {
      set(run).text(run.text, at, top + baseline - ascents[i], { lineBreak: false });
      height = Math.max(height, this.doc.heightOfString(run.text, { lineBreak: false }));
      at += widths[i];
    });
    return height / PT_PER_MM;
  }
  readonly #known = new Set<string>();
  #face({ part }: Run, weight: Weight): PDFKit.PDFDocument {
    const name = `${part.package} ${part.part} ${weight}`;
    if (!this.#known.has(name)) this.doc.registerFont(name, fileOf(part, weight));
    this.#known.add(name);
    return this.doc.font(name);
  }
  /** The finished PDF. */
  async bytes(): Promise<Uint8Array> {
    const chunks: Buffer[] = [];
    this.doc.on('data', (chunk: Buffer) => chunks.push(chunk));
    const done = new Promise<void>((resolve) => this.doc.on('end', resolve));
    this.doc.end();
    await done;
    return Buffer.concat(chunks);
  }
}
