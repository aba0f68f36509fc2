export * from './plain-zones';
export * from './clearances';
export * from './edge';
export * from './toe-room';
export * from './toe-depth';
export * from './bound';
