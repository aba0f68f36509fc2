export * from './asked';
export * from './dates';
export * from './plan';
export * from './terms';
