import { proxy } from 'comlink';
import type { Load, Side, TakenId } from '@chiave/core/measure';
import type { LastAsked, Plane, ScanUnit, ScanValue, TakenLast } from '@chiave/core/scan';
import { Beside } from './remote';
import type { ScannedView, Scanning, ScanTaken } from './scan.worker';

/** Reads scans beside the page, one at a time: another one takes the place of the one under way. */
export class ScanReader {
  #worker: Beside<Scanning> | undefined;

  /** @throws Error in words where the file holds no foot */
  take(file: Blob, unit: ScanUnit['id'] | null, onstep: (done: number) => void): Promise<ScanTaken> {
    return this.#anew().ask<ScanTaken>((s) => s.take(file, unit, proxy(onstep)));
  }
  /** @throws Error in words where the file holds no last */
  last(file: Blob, asked: LastAsked, unit: ScanUnit['id'] | null, onstep: (done: number) => void): Promise<TakenLast> {
    return this.#anew().ask<TakenLast>((s) => s.last(file, asked, unit, proxy(onstep)));
  }
  /** @throws Error in words */
  measure(side: Side, load: Load): Promise<ScannedView> {
    return this.#there().ask<ScannedView>((s) => s.measure(side, load));
  }
  along(id: TakenId, plane: Plane): Promise<ScanValue | null> {
    return this.#there().ask<ScanValue | null>((s) => s.along(id, plane));
  }
  lastAlong(plane: Plane): Promise<ScanValue | null> {
    return this.#there().ask<ScanValue | null>((s) => s.lastAlong(plane));
  }
  #anew(): Beside<Scanning> {
    this.stop();
    return (this.#worker = new Beside<Scanning>(new Worker(new URL('./scan.worker.ts', import.meta.url), { type: 'module' })));
  }
  #there(): Beside<Scanning> {
    if (!this.#worker) throw new Error('no scan was taken');
    return this.#worker;
  }
  /** What is under way is let go, and nothing of it is kept. */
  stop(): void {
    this.#worker?.close();
    this.#worker = undefined;
  }
}
