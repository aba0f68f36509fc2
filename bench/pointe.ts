/** Pointe: sizes, marks and grades ranked for two feet in 100 ms, and whole reports, on the demo's models. */
import { readFileSync } from 'node:fs';
import { completeFoot } from '../core/src/measure';
import { boxOf, compileForefoot, doubtBy, pointeFootOf, pointeReport, PointeStock, rankPointe, sizesOf, GRADE_IDS, type PointeModel } from '../core/src/pointe';

const file = JSON.parse(readFileSync(new URL('../demo/data/pointe.json', import.meta.url), 'utf8'));
const models: PointeModel[] = file.models.map((m: { makerId: string }) => {
  const { scale, ...maker } = file.makers.find((k: { id: string }) => k.id === m.makerId);
  return { ...m, maker: { ...maker, ...scale } };
});
const foot = (side: 'left' | 'right', lengthMm: number) =>
  compileForefoot(pointeFootOf(completeFoot({ side, values: { lengthMm: { mm: lengthMm } } }), { pointReachDeg: 95, rises: 22 }, { weightKg: 52 }), {
    pouch: 'gel',
    pouchMm: 1
  });

export interface PointeFigures {
  /** Every size, mark and grade of the models; those near the feet. */
  specs: number;
  /** Of them, in 100 ms, two feet: those looked at, boxes compiled beforehand and not. */
  per100ms: number;
  coldMs: number;
  warmMs: number;
  reportsPerSecond: number;
  /** Whole reports of the same specs, over ranking them. */
  shared: number;
}
export function pointeFigures(): PointeFigures {
  const specs = models.reduce((n, m) => n + sizesOf(m.maker).length * m.maker.width.marks.length * GRADE_IDS.length, 0);
  const [left, right] = [foot('left', 235), foot('right', 237)];
  for (let i = 0; i < 8; i++) rankPointe(new PointeStock(models), left, right, true);
  const timed = (work: () => void): number => {
    const started = performance.now();
    work();
    return performance.now() - started;
  };
  const coldMs = timed(() => void rankPointe(new PointeStock(models), left, right, true));
  const stock = new PointeStock(models);
  rankPointe(stock, left, right, true);
  const runs = 10;
  const warmMs = timed(() => {
    for (let i = 0; i < runs; i++) rankPointe(stock, left, right, true);
  }) / runs; // prettier-ignore
  const doubt = doubtBy('claimed');
  const boxes = models.map((m) => boxOf(m, m.base.size, m.base.mark).box);
  const reports = 40 * boxes.length;
  const reportMs = timed(() => {
    for (let i = 0; i < 40; i++) for (const box of boxes) pointeReport(left, box, doubt);
  });
  const near = models.reduce((n, m) => n + stock.near(m, 235).length * GRADE_IDS.length, 0);
  return {
    specs,
    per100ms: (100 * specs) / warmMs,
    coldMs,
    warmMs,
    reportsPerSecond: (1000 * reports) / reportMs,
    shared: ((reportMs / reports) * 2 * near) / warmMs
  };
}
