export * from './catalogue';
export * from './findings';
export * from './sentence';
export * from './because';
export * from './cautions';
