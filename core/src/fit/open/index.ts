export * from './check';
export * from './forecast';
export * from './symptoms';
export * from './drawing';
export * from './section';
