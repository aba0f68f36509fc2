export * from './closures';
export * from './schools';
export * from './kinds';
export * from './shop-targets';
export * from './uppers';
export * from './flags';
