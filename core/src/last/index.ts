export * from './check-last';
export * from './families';
export * from './from-evidence';
export * from './inside';
export * from './insole-outline';
export * from './last';
export * from './shoe-above';
export * from './shoe-outline';
export { fallAt, steepnessAt } from './toe-curve';
