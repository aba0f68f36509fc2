export { boundStyle, worthFitting } from './bounds';
export { byRank, type Candidate, type Listed, type Ranked } from './candidate';
export { cellOf, fitCell, itemOf, likelier, type Cell, type ZoneBrief } from './cell';
export { bestOfStyle, type Unranked } from './best-of-style';
export { rankAll, rankStock, TOP, type RankedBefore, type RankStep } from './rank';
export { rankPlainly } from './plain-rank';
export { onSameLast, type SameLast } from './same-last';
