export * from './scales';
export * from './label';
export * from './boot-rule';
export * from './convert';
export * from './widths';
