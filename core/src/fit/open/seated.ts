import type { FootOutline, Point } from '../../shape';

/** A foot's line moved to where it stands in the shoe. */
export function seated(foot: FootOutline, place: (p: Point) => Point): FootOutline {
  const all = (points: readonly Point[]): Point[] => points.map(place);
  return {
    knots: all(foot.knots),
    webs: all(foot.webs),
    inner: all(foot.inner),
    outer: all(foot.outer),
    toes: foot.toes.map((toe) => ({
      knots: all(toe.knots),
      end: all(toe.end),
      nail: all(toe.nail),
      tip: place(toe.tip),
      root: place(toe.root),
      creases: toe.creases.map(([a, b]) => [place(a), place(b)])
    }))
  };
}
