export * from './cuts';
export * from './given';
export * from './sum';
export { type Formula, type KindTraits, type ZoneDefinition } from './zone';
export * from './registry';
export * from './set';
export { bigToeDepth, littleToeDepth } from './toe-box-depth';
