export * from './pitch';
export * from './slide';
