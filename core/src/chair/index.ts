export * from './bouts';
export * from './hands';
export * from './protocols';
export * from './steps';
export * from './timers';
