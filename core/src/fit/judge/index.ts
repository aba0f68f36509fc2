export * from './targets';
export * from './limits';
export * from './judge';
