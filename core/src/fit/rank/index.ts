export { bestOfStyle, type Unranked } from './best-of-style';
export { boundStyle, worthFitting } from './bounds';
export { byRank, type Candidate, type Listed, type Ranked } from './candidate';
export { type Cell, cellOf, fitCell, likelier, type ZoneBrief } from './cell';
export { rankPlainly } from './plain-rank';
export { rankAll, type RankedBefore, rankStock } from './rank';
export { onSameLast } from './same-last';
