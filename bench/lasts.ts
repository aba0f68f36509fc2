import { bestEquivalent, compareShoes, overlayDistance } from '../core/src/compare';
import { shoeOf, sizesOf, type Style } from '../core/src/fit';
import { compileShoe, gradeLast, innerWall, outerWall } from '../core/src/last';

export interface LastFigures {
  gradesPerSecond: number;
  wallsPerSecond: number;
  comparisonsPerSecond: number;
  equivalentsPerSecond: number;
  items: number;
  itemsMs: number;
}
const SECONDS = 0.8;

/** How often a piece of work is done in a second. */
function perSecond(work: (n: number) => void): number {
  for (let n = 0; n < 50; n++) work(n);
  const began = performance.now();
  let n = 0;
  while (performance.now() - began < SECONDS * 1000) work(n++);
  return n / ((performance.now() - began) / 1000);
}

/** Grading, outlines, comparing and equivalent sizes; and a stockroom of fifty thousand sizes and widths made ready. */
export function lastFigures(styles: readonly Style[]): LastFigures {
  const lasts = [...new Map(styles.map((s) => [s.last.id, s.last])).values()];
  const shoes = lasts.map((last) => ({ name: last.name, inside: gradeLast(last, last.base.size, 0), girthShare: 0.5 }));
  const compiled = shoes.map((s) => compileShoe(s.inside, s.girthShare));
  let sink = 0;
  // A hundred at a time: looking at the clock takes as long as several.
  const gradesPerSecond =
    100 *
    perSecond((n) => {
      const last = lasts[n % lasts.length];
      for (let i = 0; i < 100; i++) sink += gradeLast(last, last.base.size + (i % 7) / 2, i % 3).insoleLengthMm;
    });
  const wallsPerSecond =
    200 *
    perSecond((n) => {
      const shoe = compiled[n % compiled.length];
      for (let i = 1; i <= 100; i++) sink += innerWall(shoe, 2.4 * i) + outerWall(shoe, 2.4 * i);
    });
  const comparisonsPerSecond = perSecond((n) => {
    const [a, b] = [shoes[n % shoes.length], shoes[(n * 7 + 1) % shoes.length]];
    sink += compareShoes(a, b, null).differ.length + overlayDistance(a, b);
  });
  const equivalentsPerSecond = perSecond((n) => {
    const target = { inside: shoes[n % 5].inside, girthShare: 0.5 };
    sink += bestEquivalent(target, { last: lasts[(n % 4) + 1], girthShare: 0.5 }, [0]).exact;
  });
  const began = performance.now();
  let items = 0;
  while (items < 50_000) {
    for (const style of styles)
      for (const size of sizesOf(style))
        for (const width of style.widths) {
          sink += shoeOf(style, size, width).inside.ballGirthMm;
          items++;
        }
  }
  const itemsMs = performance.now() - began;
  if (!Number.isFinite(sink)) throw new Error('a figure came out as none');
  return { gradesPerSecond, wallsPerSecond, comparisonsPerSecond, equivalentsPerSecond, items, itemsMs };
}
