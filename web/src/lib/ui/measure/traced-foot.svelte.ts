import type { Side, TakenId } from '@chiave/core/measure';
import type { Point } from '@chiave/core/shape';
import { joinOutlines, measureOutline, outlineSd, type OutlineReading } from '@chiave/core/tracing';
import { send } from '../../send/save.svelte';
import { layPicture, type LaidPicture } from '../../tracing/laid-picture';
import type { HalfReading } from '../../tracing/read-half';
import type { SheetId } from '../../tracing/sheets';
import { readSvgOutline } from '../../tracing/svg-outline';
import { said } from '../../workers/remote';
import { TracingReader } from '../../workers/tracing-client';
import type { Desk } from '../fitting/desk.svelte';

const MOST_BYTES = 20_000_000;
/** What a drawn outline of unknown origin errs by, mm [estimate]. */
const SVG_SD_MM = 0.8;
/** Points of an outline that are kept. */
const MOST_POINTS = 1500;
export const TRACED_WAYS = [
  {
    id: 'sheet',
    name: 'whole foot on one sheet',
    asks: 'Stand on a sheet of known size, trace right round with a dark pen held upright, close the line. Photograph the sheet from above on something darker, all four corners in the picture. Or bring an outline as SVG.'
  },
  {
    id: 'half',
    name: 'across two sheets, edge to edge',
    asks: 'For feet longer than one sheet: lay two sheets edge to edge, the seam between heel and ball, and trace across both. Take them apart and photograph or scan each on its own, either way up; one after the other here.'
  },
  {
    id: 'card',
    name: 'any paper, a card beside it',
    asks: 'Paper of any size: lay a bank card flat beside the tracing, touching no line, and photograph both from straight above, close enough that the card is large. Everything is measured from the card, so the error is larger than with a sheet.'
  }
] as const;
export type TracedWay = (typeof TRACED_WAYS)[number]['id'];

const WIDTHS = new Set<TakenId>(['lengthMm', 'ballWidthMm', 'heelWidthMm']);
const FROM_THE_HEEL = new Set<TakenId>(['ballLengthMm', 'outerBallLengthMm']);
/** A pencil held upright draws outside of the foot: lengths and widths are twice that less, what is measured from the heel once. */
const lessPen = (id: TakenId, mm: number, off: number): number => (WIDTHS.has(id) ? mm - 2 * off : FROM_THE_HEEL.has(id) ? mm - off : mm);

/** A foot read from a tracing: from its picture to the values it fills in. */
export class TracedFoot {
  side = $state<Side>('left');
  way = $state<TracedWay>('sheet');
  sheet = $state<SheetId>('a4');
  standOff = $state<number | null>(0);
  running = $state<{ done: number; what: string } | null>(null);
  message = $state('');
  saved = $state('');
  /** What the pictures themselves err by, and how wide their line is, mm. */
  found = $state.raw<{ sdMm: number; lineMm: number } | null>(null);
  /** The first of two sheets, waiting for the second. */
  first = $state.raw<HalfReading | null>(null);
  pictures = $state.raw<LaidPicture[]>([]);
  /** The line being read, mm on the sheet, y down. */
  line = $state.raw<Point[]>([]);
  unitMm = $state<number | null>(null);
  /** Size of an SVG that does not say what its units are, in those. */
  asksUnit = $state<{ width: number; height: number } | null>(null);
  #source: 'photograph' | 'svg' = 'photograph';
  #svg = '';
  readonly #reader = new TracingReader();

  readonly read = $derived.by((): { reading: OutlineReading | null; problem: string } => {
    if (this.line.length === 0) return { reading: null, problem: '' };
    try {
      return { reading: measureOutline(this.line, this.side), problem: '' };
    } catch (error) {
      return { reading: null, problem: said(error) };
    }
  });
  readonly values = $derived.by((): Partial<Record<TakenId, number>> => {
    const found = Object.entries(this.read.reading?.values ?? {}) as [TakenId, number][];
    return Object.fromEntries(found.map(([id, mm]) => [id, lessPen(id, mm, this.standOff ?? 0)]));
  });
  readonly sd = $derived.by(() => this.found?.sdMm ?? SVG_SD_MM);

  begin(): void {
    this.found = null;
    this.first = null;
    this.line = [];
    this.pictures = [];
  }

  /** Reads a picture or an SVG. */
  async take(file: File): Promise<void> {
    this.message = '';
    this.saved = '';
    this.asksUnit = null;
    if (file.size > MOST_BYTES) {
      this.message = `${file.name} has ${Math.round(file.size / 1e6)} MB; pictures up to ${MOST_BYTES / 1e6} MB are read. Take it smaller, or save it as JPEG.`;
      return;
    }
    if (file.name.toLowerCase().endsWith('.svg') || file.type === 'image/svg+xml') {
      this.#svg = await file.text();
      this.readSvg();
      return;
    }
    this.#source = 'photograph';
    if (this.way !== 'half' || this.line.length > 0) this.begin();
    this.running = { done: 0, what: 'beginning' };
    try {
      const { way, sheet } = this;
      const read = await this.#reader.read(way === 'card' ? { file, how: 'card' } : { file, how: way, sheet }, (done, what) => (this.running = { done, what }));
      if (read.kind === 'half') this.#takeHalf(read.half);
      else {
        this.found = read.sheet;
        this.line = read.sheet.outline;
        this.pictures = [layPicture(read.sheet.straight, read.sheet.pxPerMm)];
      }
    } catch (error) {
      this.message = said(error);
    }
    this.running = null;
  }

  /** The second of two sheets is joined to the first; where they do not belong together the first one stays. */
  #takeHalf(half: HalfReading): void {
    const { first } = this;
    if (!first) {
      this.first = half;
      this.pictures = [layPicture(half.straight, half.pxPerMm, half.turns)];
      return;
    }
    try {
      const { outline, gapMm, shiftMm } = joinOutlines(first.points, half.points);
      this.pictures = [layPicture(first.straight, first.pxPerMm, first.turns), layPicture(half.straight, half.pxPerMm, half.turns, shiftMm)];
      this.found = { sdMm: Math.hypot(first.sdMm, half.sdMm, gapMm / 2), lineMm: Math.max(first.lineMm, half.lineMm) };
      this.line = outline;
      this.first = null;
    } catch (error) {
      const reason = said(error);
      this.message = `${reason[0].toUpperCase()}${reason.slice(1)}. The first sheet is still here: bring its other half.`;
    }
  }

  readSvg(): void {
    this.#source = 'svg';
    this.begin();
    const outline = readSvgOutline(this.#svg, this.unitMm);
    if (outline.kind === 'refused') this.message = outline.message;
    else if (outline.kind === 'no-units') this.asksUnit = outline;
    else {
      this.asksUnit = null;
      this.line = outline.points;
    }
  }

  cancel(): void {
    this.stop();
    this.running = null;
    this.message = 'Stopped. Nothing was read.';
  }
  stop(): void {
    this.#reader.stop();
  }

  /** Keeps the outline with the visit and fills the foot in from it. @returns whether it was kept */
  async keep(desk: Desk): Promise<boolean> {
    const { reading } = this.read;
    if (!reading) return false;
    const { side, sd } = this;
    const every = Math.max(1, Math.ceil(reading.outline.length / MOST_POINTS));
    const outline = reading.outline.filter((_, i) => i % every === 0).map((p) => [Math.round(p.x * 100) / 100, Math.round(p.y * 100) / 100]);
    const body = { side, outline, source: this.#source, lengthSdMm: sd, widthSdMm: sd };
    const sent = await send(`/api/v1/fittings/${desk.fitting.id}/tracings`, 'POST', body);
    if (!sent.ok) {
      this.message = sent.detail;
      return false;
    }
    // What another instrument read before reaches the server first: the two are held against each other.
    await desk.settle();
    desk.fill(side, this.values, 'tracing', (id) => outlineSd(id, sd));
    await desk.settle();
    this.saved = `Kept, and the ${side} foot is filled in from it.`;
    return true;
  }
}
