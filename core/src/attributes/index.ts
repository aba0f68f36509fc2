export * from './attributes';
