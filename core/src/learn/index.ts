export * from './ep';
export * from './felt';
export * from './normal';
export * from './person';
export type { KnownPair, SaidWord } from './said';
export { LIKINGS, type LikingId } from './state';
export { movedBy, type FootFeatures } from './slopes';
