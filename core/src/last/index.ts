export * from './families';
export * from './inside';
export * from './last';
export * from './shoe-outline';
export { fallAt, steepnessAt } from './toe-curve';
