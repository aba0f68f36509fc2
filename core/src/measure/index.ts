export * from './parse-length';
export * from './format-length';
export * from './measures';
export * from './foot';
export * from './plausible';
export * from './day';
export * from './sock';
