export * from './shoe';
export * from './style';
export * from './style-details';
export * from './check-shoe';
export * from './wear';
