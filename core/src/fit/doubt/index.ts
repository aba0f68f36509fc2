export * from './error-model';
export * from './normal';
export * from './probability';
export * from './noise';
export * from './bitset';
export * from './tangent';
export * from './chance';
