/**
 * How well photographs of tracings are read: two hundred of them made by a script with the truth known, each with its own
 * perspective, light, shadow, noise and pen. Printed; the limits are asserted, times are not.
 */
import { measureOutline } from '@chiave/core/tracing';
import { seeded } from '../../demo/random';
import { openCv } from '../src/lib/tracing/opencv';
import { readSheet } from '../src/lib/tracing/read-sheet';
import { syntheticTracing } from './synthetic-tracing';

const PICTURES = Number(process.argv[2] ?? 200);
const LIMIT_MM = { lengthMm: 1.5, ballWidthMm: 2, heelWidthMm: 2 } as const;
const { cv } = await openCv();
const random = seeded(7).uniform;
const errors: Record<string, number[]> = { lengthMm: [], ballWidthMm: [], heelWidthMm: [], ballLengthMm: [], outerBallLengthMm: [] };
let refused = 0;
let covered = 0;
let ms = 0;
for (let n = 0; n < PICTURES; n++) {
  const { picture, side, truth } = syntheticTracing(cv, random);
  const began = performance.now();
  try {
    const sheet = readSheet(cv, picture, 'a4');
    const { values } = measureOutline(sheet.outline, side);
    ms += performance.now() - began;
    for (const id of Object.keys(errors)) errors[id].push(values[id as 'lengthMm']! - truth[id as 'lengthMm']);
    if (Math.abs(values.lengthMm! - truth.lengthMm) < 2 * sheet.sdMm) covered++;
  } catch {
    refused++;
  }
}
console.log(
  `Tracings: ${PICTURES} pictures, ${refused} refused, ${Math.round(ms / Math.max(1, PICTURES - refused))} ms each; length within twice the error told in ${covered}`
);
let over = 0;
for (const [id, all] of Object.entries(errors)) {
  const sorted = all.map(Math.abs).sort((a, b) => a - b);
  const p95 = sorted[Math.floor(0.95 * sorted.length)];
  const limit = LIMIT_MM[id as 'lengthMm'];
  if (limit !== undefined && !(p95 <= limit)) over++;
  console.log(
    `  ${id}: half within ${sorted[sorted.length >> 1].toFixed(2)} mm, 95 of 100 within ${p95.toFixed(2)}, worst ${sorted.at(-1)!.toFixed(2)}${limit ? ` (limit ${limit})` : ''}`
  );
}
// OpenCV keeps the process alive.
process.exit(over > 0 || refused > PICTURES / 50 ? 1 : 0);
