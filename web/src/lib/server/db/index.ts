export { database } from './connect';
export { fromJson, tables, type Tables } from './models';
export { select } from './select';
