export * from './differences';
export * from './equivalent-size';
export * from './inside-measures';
export * from './overlay';
export * from './views';
