import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import { create, all } from 'mathjs';
import { convertLabel, convertLine, type ScaleId } from '../core/src/size';

/** Size conversions: a hundred thousand lines as the bench reads them, and the same sum by a general unit library in the same run. */
const ROWS = 100_000;
const TO: ScaleId[] = ['us-m', 'uk', 'eu', 'mondo'];

export function benchMany(): { rowsMs: number; rowsMb: number; ratio: number } {
  const lines = Array.from({ length: ROWS }, (_, i) => `us w ${5 + (i % 14) / 2}`);
  setFlagsFromString('--expose-gc');
  const gc = runInNewContext('gc') as () => void;
  gc();
  const before = process.memoryUsage().heapUsed;
  const started = performance.now();
  const rows = lines.map((line, i) => convertLine(line, i + 1, { to: TO, bare: null }));
  const rowsMs = performance.now() - started;
  gc();
  const rowsMb = (process.memoryUsage().heapUsed - before) / 1e6;
  if (rows.some((r) => r.problem !== '')) throw new Error('a line was not read');

  // The same label to four scales, through units of a general library.
  const math = create(all);
  math.createUnit('barleycorn', '8.466666666666667 mm');
  math.createUnit('parispoint', '6.666666666666667 mm');
  const n = 4000;
  const general = (i: number): unknown => {
    const size = 5 + (i % 14) / 2;
    const foot = math.add(math.unit(20.5, 'barleycorn'), math.unit(size, 'barleycorn'));
    return [
      math.subtract(foot, math.unit(22, 'barleycorn')).toNumber('barleycorn'),
      math.subtract(foot, math.unit(23, 'barleycorn')).toNumber('barleycorn'),
      math.add(foot, math.unit(2 / 3, 'inch')).toNumber('parispoint'),
      foot.toNumber('mm')
    ];
  };
  const own = (i: number): unknown => convertLabel({ scale: 'us-w', size: 5 + (i % 14) / 2 }, TO);
  // The best of some rounds: by then both have run in.
  const each = (what: (i: number) => unknown): number => {
    let took = Infinity;
    for (let round = 0; round < 6; round++) {
      const started = performance.now();
      for (let i = 0; i < n; i++) what(i);
      took = Math.min(took, performance.now() - started);
    }
    return took / n;
  };
  const generalEach = each(general);
  const ownEach = each(own);
  return { rowsMs, rowsMb, ratio: generalEach / ownEach };
}
