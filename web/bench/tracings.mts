/**
 * How well photographs of tracings are read: hundreds of them made by a script with the truth known, each with its own
 * perspective, light, shadow, noise and pen; on one sheet, across two, and beside a card. Printed; the limits are asserted,
 * times are not.
 */
import { joinOutlines, measureOutline } from '@chiave/core/tracing';
import type { FootPlan, Point } from '@chiave/core/shape';
import { seeded } from '../../demo/random';
import { openCv } from '../src/lib/tracing/opencv';
import { readBesideCard } from '../src/lib/tracing/read-beside-card';
import { readHalf } from '../src/lib/tracing/read-half';
import { readSheet } from '../src/lib/tracing/read-sheet';
import { syntheticBesideCard, syntheticHalves, syntheticTracing } from './synthetic-tracing';

const PICTURES = Number(process.argv[2] ?? 200);
const { cv } = await openCv();

interface Read {
  outline: Point[];
  sdMm: number;
  side: 'left' | 'right';
  truth: FootPlan;
}
interface Way {
  name: string;
  pictures: number;
  limitMm: Partial<Record<string, number>>;
  /** Makes a picture; what it gives back reads it. */
  make: (random: () => number) => () => Read;
}
const WAYS: readonly Way[] = [
  {
    name: 'on one sheet',
    pictures: PICTURES,
    limitMm: { lengthMm: 1.5, ballWidthMm: 2, heelWidthMm: 2 },
    make: (random) => {
      const { picture, side, truth } = syntheticTracing(cv, random);
      return () => ({ ...readSheet(cv, picture, 'a4'), side, truth });
    }
  },
  {
    name: 'across two sheets',
    pictures: Math.ceil(PICTURES / 4),
    limitMm: { lengthMm: 2, ballWidthMm: 2, heelWidthMm: 2 },
    make: (random) => {
      const { pictures, side, truth } = syntheticHalves(cv, random);
      return () => {
        const [a, b] = pictures.map((p) => readHalf(cv, p, 'a4'));
        const joined = joinOutlines(a.points, b.points);
        return { outline: joined.outline, sdMm: Math.hypot(a.sdMm, b.sdMm, joined.gapMm / 2), side, truth };
      };
    }
  },
  {
    name: 'beside a card',
    pictures: Math.ceil(PICTURES / 4),
    limitMm: { ballWidthMm: 3, heelWidthMm: 3 },
    make: (random) => {
      const { picture, side, truth } = syntheticBesideCard(cv, random);
      return () => ({ ...readBesideCard(cv, picture), side, truth });
    }
  }
];

let over = false;
for (const { name, pictures, limitMm, make } of WAYS) {
  const random = seeded(7).uniform;
  const errors: Record<string, number[]> = { lengthMm: [], ballWidthMm: [], heelWidthMm: [], ballLengthMm: [], outerBallLengthMm: [] };
  const reasons: string[] = [];
  let covered = 0;
  let ms = 0;
  let sd = 0;
  for (let n = 0; n < pictures; n++) {
    const read = make(random);
    const began = performance.now();
    try {
      const { outline, sdMm, side, truth } = read();
      const { values } = measureOutline(outline, side);
      ms += performance.now() - began;
      sd += sdMm;
      for (const id of Object.keys(errors)) errors[id].push(values[id as 'lengthMm']! - truth[id as 'lengthMm']);
      if (Math.abs(values.lengthMm! - truth.lengthMm) < 2 * sdMm) covered++;
    } catch (error) {
      reasons.push(error instanceof Error ? error.message : String(error));
    }
  }
  const good = pictures - reasons.length;
  console.log(
    `Tracings ${name}: ${pictures}, ${reasons.length} refused, ${Math.round(ms / Math.max(1, good))} ms each; length within twice the error told (${(sd / Math.max(1, good)).toFixed(2)} mm) in ${covered}`
  );
  for (const reason of new Set(reasons)) console.log(`  refused: ${reason}`);
  for (const [id, all] of Object.entries(errors)) {
    const sorted = all.map(Math.abs).sort((a, b) => a - b);
    const p95 = sorted[Math.floor(0.95 * sorted.length)];
    const limit = limitMm[id];
    if (limit !== undefined && !(p95 <= limit)) over = true;
    console.log(
      `  ${id}: half within ${sorted[sorted.length >> 1].toFixed(2)} mm, 95 of 100 within ${p95.toFixed(2)}, worst ${sorted.at(-1)!.toFixed(2)}${limit ? ` (limit ${limit})` : ''}`
    );
  }
  if (reasons.length > pictures / 25) over = true;
}
// OpenCV keeps the process alive.
process.exit(over ? 1 : 0);
