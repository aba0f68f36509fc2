export * from './outline-measures';
export * from './join-outlines';
