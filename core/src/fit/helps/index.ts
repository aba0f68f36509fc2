export * from './definitions';
export * from './reach';
export * from './fits-with';
export * from './remedies';
export * from './put-in';
