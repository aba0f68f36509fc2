import type { Side, TakenId } from '@chiave/core/measure';
import type { ScanUnit, ScanValues } from '@chiave/core/scan';
import { thinned } from '@chiave/core/shape';
import { Tapes } from '../../scan/tapes.svelte';
import { packedFile } from '../../send/packed';
import { send } from '../../send/save.svelte';
import { scanFromScanner } from '../../send/scanner';
import { said } from '../../workers/remote';
import { ScanReader } from '../../workers/scan-client';
import type { ScanFacts, ScannedView } from '../../workers/scan.worker';
import type { Desk } from '../fitting/desk.svelte';

/** As surely as this a foot is taken for the one it looks like [model]; below it is asked. */
const SURE = 0.9;
/** Points of an outline that are not kept lie no further off it, mm. */
const KEPT_WITHIN_MM = 0.05;
const MOST_POINTS = 1500;
/** A foot read from a scan: from its file to the values it fills in. */
export class ScannedFoot {
  running = $state<{ done: number; what: string } | null>(null);
  message = $state('');
  saved = $state('');
  /** Said by the scanner, or by whoever was asked; null until then. */
  side = $state<Side | null>(null);
  facts = $state.raw<ScanFacts | null>(null);
  foot = $state.raw<ScannedView | null>(null);
  asksUnit = $state.raw<readonly ScanUnit[] | null>(null);
  file = $state.raw<File | null>(null);
  readonly #reader = new ScanReader();
  #stopScanner: AbortController | null = null;
  readonly tapes = new Tapes<TakenId>(
    () => this.foot?.values ?? {},
    (id, plane) => this.#reader.along(id, plane),
    () => (this.saved = '')
  );
  readonly #desk: Desk;

  constructor(desk: Desk) {
    this.#desk = desk;
  }

  get values(): ScanValues {
    return this.tapes.values;
  }
  /** The foot does not look like the one it was said to be. */
  readonly doubt = $derived.by((): Side | null => {
    const looks = this.facts?.looksLike;
    return looks && this.side && looks.sure >= SURE && looks.side !== this.side ? looks.side : null;
  });

  /** Reads a file. @param side which foot it is, where that is known */
  async take(file: File, unit: ScanUnit['id'] | null = null, side: Side | null = null): Promise<void> {
    this.begin();
    this.file = file;
    this.running = { done: 0, what: 'reading the file' };
    try {
      const taken = await this.#reader.take(file, unit, (done) => (this.running = { done, what: done < 0.5 ? 'reading the file' : 'setting it down' }));
      if (taken.kind === 'asks-unit') this.asksUnit = taken.units;
      else {
        this.facts = taken.facts;
        const looks = taken.facts.looksLike;
        this.side = side ?? (looks.sure >= SURE ? looks.side : null);
        this.running = { done: 0.9, what: 'measuring' };
        if (this.side) this.foot = await this.#reader.measure(this.side, this.#desk.fitting.measuredLoad);
      }
    } catch (error) {
      this.message = `${file.name}: ${said(error)}.`;
    }
    this.running = null;
  }
  /** Says which foot it is, and measures it as that one. */
  async isThe(side: Side): Promise<void> {
    this.side = side;
    this.tapes.forget();
    this.saved = '';
    try {
      this.foot = await this.#reader.measure(side, this.#desk.fitting.measuredLoad);
    } catch (error) {
      this.foot = null;
      this.message = `As the ${side} foot: ${said(error)}.`;
    }
  }

  /** Lets the scanner take a foot. */
  async fromScanner(side: Side): Promise<void> {
    this.begin();
    const stop = (this.#stopScanner = new AbortController());
    this.running = { done: 0, what: `asking the scanner for the ${side} foot` };
    let found: { file: File; side: Side } | null = null;
    try {
      found = await scanFromScanner(side, stop.signal, (step) => {
        if (step.kind === 'scanning') this.running = { done: step.done, what: step.done < 0.5 ? 'scanning, hold still' : 'the scan comes' };
        else if (step.kind === 'lost') this.running = { done: this.running?.done ?? 0, what: step.why };
        else if (step.kind === 'here' && this.running) this.running = { ...this.running, what: 'the scanner is here' };
      });
    } catch (error) {
      if (!stop.signal.aborted) this.message = `The scan did not come: ${said(error)}.`;
    }
    this.#stopScanner = null;
    this.running = null;
    if (found) await this.take(found.file, null, found.side);
  }

  begin(): void {
    this.stop();
    this.message = '';
    this.saved = '';
    this.asksUnit = null;
    this.facts = null;
    this.foot = null;
    this.side = null;
    this.tapes.clear();
    this.file = null;
  }
  cancel(): void {
    this.begin();
    this.running = null;
    this.message = 'Stopped. Nothing was read.';
  }
  stop(): void {
    this.#stopScanner?.abort();
    this.#stopScanner = null;
    this.#reader.stop();
  }

  /** Keeps outline and scan with the visit and fills the foot in from it. @returns whether it was kept */
  async keep(): Promise<boolean> {
    const { foot, file, values } = this;
    const desk = this.#desk;
    if (!foot || !file) return false;
    const line = thinned(foot.line, KEPT_WITHIN_MM);
    const every = Math.max(1, Math.ceil(line.length / MOST_POINTS));
    const outline = line.filter((_, i) => i % every === 0).map((p) => [Math.round(p.x * 100) / 100, Math.round(p.y * 100) / 100]);
    const packed = await packedFile(file);
    const sd = (id: TakenId): number => values[id]?.sdMm ?? 0;
    const body = { side: foot.side, outline, source: 'scan', lengthSdMm: sd('lengthMm'), widthSdMm: sd('ballWidthMm'), file: packed };
    const sent = await send(`/api/v1/fittings/${desk.fitting.id}/tracings`, 'POST', body);
    if (!sent.ok) {
      this.message = sent.detail;
      return false;
    }
    const mm = Object.fromEntries(Object.entries(values).map(([id, value]) => [id, value.mm])) as Partial<Record<TakenId, number>>;
    // What another instrument read before reaches the server first: the two are held against each other.
    await desk.settle();
    desk.fill(foot.side, mm, 'scan', sd);
    await desk.settle();
    this.saved = `Kept, and the ${foot.side} foot is filled in from it.${packed ? '' : ' The file itself is too large to be kept: save it elsewhere if you need it.'}`;
    return true;
  }
}
