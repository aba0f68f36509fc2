/**
 * Photographs of tracings made by a script, with the truth beside them: `npx tsx demo/tracings.mts`. Two are good, one has a line
 * that is not closed, one has no sheet in it; two sheets hold the halves of one long foot, one has a card instead of a known sheet.
 */
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import jpeg from 'jpeg-js';
import { seeded } from './random';
import { openCv } from '../web/src/lib/tracing/opencv';
import type { Picture } from '../web/src/lib/tracing/straight';
import { syntheticBesideCard, syntheticHalves, syntheticTracing } from '../web/bench/synthetic-tracing';

const folder = join(import.meta.dirname, 'tracings');
const write = (name: string, { data, width, height }: Picture): void =>
  writeFileSync(join(folder, name), jpeg.encode({ data: Buffer.from(data.buffer), width, height }, 78).data);

const { cv } = await openCv();
const random = seeded(41).uniform;
const truths: Record<string, object> = {};
for (const wanted of ['left', 'right'] as const) {
  let made = syntheticTracing(cv, random);
  while (made.side !== wanted) made = syntheticTracing(cv, random);
  write(`${wanted}.jpg`, made.picture);
  truths[wanted] = made.truth;
}
// The lower part of the sheet painted over with its own white: the line is open.
const open = syntheticTracing(cv, random).picture;
for (let y = Math.round(open.height * 0.62); y < Math.round(open.height * 0.8); y++) {
  for (let x = Math.round(open.width * 0.3); x < Math.round(open.width * 0.7); x++) open.data.fill(225, 4 * (y * open.width + x), 4 * (y * open.width + x) + 3);
}
write('open-line.jpg', open);
const none: Picture = { data: new Uint8ClampedArray(800 * 600 * 4).map((_, i) => (i % 4 === 3 ? 255 : 70 + 30 * random())), width: 800, height: 600 };
write('no-sheet.jpg', none);
const halves = syntheticHalves(cv, random);
write('toe-half.jpg', halves.pictures[0]);
write('heel-half.jpg', halves.pictures[1]);
truths.halves = { ...halves.truth, side: halves.side };
const beside = syntheticBesideCard(cv, random);
write('card.jpg', beside.picture);
truths.card = { ...beside.truth, side: beside.side };
writeFileSync(join(folder, 'truth.json'), `${JSON.stringify(truths, null, 2)}\n`);
process.exit(0);
