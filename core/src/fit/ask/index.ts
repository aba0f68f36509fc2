export * from './grid';
export * from './trade';
export * from './other-shoes';
export * from './next-measure';
export * from './between';
