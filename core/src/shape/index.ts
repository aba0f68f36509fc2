export * from './pchip';
export * from './foot-constants';
export * from './foot-shape';
export * from './foot-polygon';
export * from './polyline';
export * from './section';
