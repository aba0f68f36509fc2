import { createRequire } from 'node:module';
import PDFDocument from 'pdfkit';

/** Points in a millimetre: a PDF's own unit is 1/72 in. */
export const PT_PER_MM = 72 / 25.4;

export const PAPERS = { a4: { widthMm: 210, heightMm: 297 }, letter: { widthMm: 215.9, heightMm: 279.4 } } as const;
export type PaperId = keyof typeof PAPERS;

const require = createRequire(import.meta.url);
const font = (name: string): string => require.resolve(name);

/** The faces shipped with the application, in the form a PDF takes. */
const FACES = {
  text: '@fontsource/source-sans-3/files/source-sans-3-latin-400-normal.woff',
  bold: '@fontsource/source-sans-3/files/source-sans-3-latin-600-normal.woff'
};

/** A page drawn in millimetres, origin at the top left. */
export class MmPage {
  readonly doc: PDFKit.PDFDocument;
  constructor(
    readonly paper: PaperId,
    title: string
  ) {
    const { widthMm, heightMm } = PAPERS[paper];
    this.doc = new PDFDocument({ size: [widthMm * PT_PER_MM, heightMm * PT_PER_MM], margin: 0, info: { Title: title, Creator: 'Chiave' }, compress: true });
    this.doc.registerFont('text', font(FACES.text));
    this.doc.registerFont('bold', font(FACES.bold));
  }
  get widthMm(): number {
    return PAPERS[this.paper].widthMm;
  }
  get heightMm(): number {
    return PAPERS[this.paper].heightMm;
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
    this.doc
      .font(bold ? 'bold' : 'text')
      .fontSize(sizeMm * PT_PER_MM)
      .fillColor(colour);
    const laid = { width: width === undefined ? undefined : width * PT_PER_MM, align, lineBreak: width !== undefined };
    this.doc.text(text, x * PT_PER_MM, y * PT_PER_MM, laid);
    return this.doc.heightOfString(text, laid) / PT_PER_MM;
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

export const pdfResponse = (bytes: Uint8Array, name: string): Response =>
  new Response(bytes as unknown as BodyInit, {
    headers: { 'content-type': 'application/pdf', 'content-disposition': `inline; filename="${name}.pdf"`, 'cache-control': 'no-store' }
  });
