export * from './cell';
export * from './candidate';
export * from './look-over';
export * from './best-of-style';
export * from './promise';
export * from './rank';
export * from './same-last';
