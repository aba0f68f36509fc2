export * from './arch';
export * from './judgements';
export * from './growth';
export * from './words';
