import { byRank, rankStock, sizesOf, type Ranked, type Style, type Wear, type WornFoot } from '../core/src/fit';

/** Styles enough for so many sizes and widths: the demo's again and again, each time on lasts a little longer and fuller. */
export function stockOf(demo: readonly Style[], items: number): Style[] {
  const styles: Style[] = [];
  let made = 0;
  for (let round = 0; made < items; round++) {
    for (const style of demo) {
      if (made >= items) break;
      const { base } = style.last;
      const last = {
        ...style.last,
        id: `${style.last.id}-${round}`,
        base: { ...base, insoleMm: base.insoleMm + 0.4 * round, ballGirthMm: base.ballGirthMm + 0.3 * round }
      };
      styles.push({ ...style, id: `${style.id}-${round}`, last });
      made += sizesOf(style).length * style.widths.length;
    }
  }
  return styles;
}

export interface RankingFigures {
  items: number;
  /** Until the first screenful of candidates, until the first hundred stand, and until everything does, ms. */
  firstMs: number;
  topMs: number;
  allMs: number;
  candidates: number;
}

const SCREENFUL = 12;

/** One ranking for two feet, with the time each part of it took. */
export function rankFigures(styles: readonly Style[], feet: readonly WornFoot[], wear: Wear): RankingFigures {
  const items = styles.reduce((n, s) => n + sizesOf(s).length * s.widths.length, 0);
  const candidates: Ranked[] = [];
  let [firstMs, topMs] = [0, 0];
  const started = performance.now();
  for (const { candidate, topStands } of rankStock(styles, feet, wear)) {
    if (topStands) topMs = performance.now() - started;
    if (!candidate) continue;
    candidates.push(candidate);
    if (candidates.length === SCREENFUL) firstMs = performance.now() - started;
  }
  candidates.sort(byRank);
  return { items, firstMs, topMs, allMs: performance.now() - started, candidates: candidates.length };
}
