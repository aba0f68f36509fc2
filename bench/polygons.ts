import polygonClipping, { type Polygon } from 'polygon-clipping';
import { compare, compilePair, completeShoe, footAsWorn, NO_AIDS, shoeAsWorn, ORDINARY_WEAR, type Shoe, type WornFoot } from '../core/src/fit';
import { compileShoe, shoePolygon } from '../core/src/last';
import { completeFoot } from '../core/src/measure';
import { footPolygon, STATIONS } from '../core/src/shape';

export interface PolygonFigures {
  /** Full fits a second, and rooms found a second by a general polygon library on the same outlines, in one interleaved run. */
  engine: number;
  library: number;
  ratio: number;
  vertices: { foot: number; shoe: number };
}
/** Steps of the bisection for the forward travel: 40 mm to 0.04. */
const HALVINGS = 10;
const TRAVEL_MM = 40;
const PAIRS = 8;
const ROUNDS = 5;

/** Overlap outside the shoe below which a foot still lies in it, mm². */
const OUTSIDE_MM2 = 1;
const areaOf = (multi: [number, number][][][]): number =>
  multi.reduce(
    (sum, polygon) =>
      sum +
      polygon.reduce(
        (s, ring) => s + Math.abs(ring.reduce((a, [x, y], i) => a + x * ring[(i + 1) % ring.length][1] - ring[(i + 1) % ring.length][0] * y, 0)) / 2,
        0
      ),
    0
  );

/** A foot in a roomy shoe, so that only its toes can meet the wall. */
function pairs(): { foot: WornFoot; shoe: Shoe }[] {
  return Array.from({ length: PAIRS }, (_, i) => {
    const lengthMm = 235 + 4 * i;
    const foot = footAsWorn(
      completeFoot({ side: 'left', values: { lengthMm: { mm: lengthMm }, ballWidthMm: { mm: 0.36 * lengthMm }, heelWidthMm: { mm: 0.24 * lengthMm } } }),
      ORDINARY_WEAR
    );
    return {
      foot,
      shoe: completeShoe({
        kind: 'sneaker',
        insoleLengthMm: lengthMm + 16,
        toeShape: i % 2 ? 'round' : 'almond',
        ballWidthMm: 0.4 * lengthMm,
        ballGirthMm: lengthMm,
        heelWidthMm: 0.28 * lengthMm
      })
    };
  });
}

/** The same outlines with the same vertices given to a general polygon library, whose only question is how far the foot can go. */
export function polygonFigures(): PolygonFigures {
  const all = pairs().map(({ foot, shoe }) => {
    const pair = compilePair(foot.dims, shoe, ORDINARY_WEAR);
    const ring = (points: readonly { x: number; y: number }[]): [number, number][] => points.map(({ x, y }) => [x, y]);
    return { foot, shoe, pair, footRing: ring(footPolygon(pair.foot)), shoeRing: ring(shoePolygon(pair.shoe)) };
  });
  const edge = { inner: new Float64Array(STATIONS + 2), outer: new Float64Array(STATIONS + 2) };
  let [engineMs, libraryMs, engineFits, libraryFits] = [0, 0, 0, 0];
  for (let round = 0; round < ROUNDS; round++) {
    for (const { foot, shoe, pair, footRing, shoeRing } of all) {
      let began = performance.now();
      for (let n = 0; n < 400; n++) {
        pair.shoe = compileShoe(shoe.inside, 0.5, pair.shoe);
        compare(foot.dims, shoeAsWorn(shoe, ORDINARY_WEAR, NO_AIDS), pair, true, edge);
      }
      engineMs += performance.now() - began;
      engineFits += 400;
      began = performance.now();
      let [low, high] = [0, TRAVEL_MM];
      for (let i = 0; i < HALVINGS; i++) {
        const middle = (low + high) / 2;
        const moved: Polygon = [footRing.map(([x, y]) => [x + middle, y])];
        if (areaOf(polygonClipping.difference(moved, [shoeRing]) as [number, number][][][]) > OUTSIDE_MM2) high = middle;
        else low = middle;
      }
      libraryMs += performance.now() - began;
      libraryFits++;
    }
  }
  const [engine, library] = [engineFits / (engineMs / 1000), libraryFits / (libraryMs / 1000)];
  return { engine, library, ratio: engine / library, vertices: { foot: all[0].footRing.length, shoe: all[0].shoeRing.length } };
}
