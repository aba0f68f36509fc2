export * from './outline-measures';
