export { Op } from 'sequelize';
export { database } from './connect';
export { fromJson, tables, type Tables } from './models';
export { wordsOf } from './person-words';
export { select } from './select';
export { errorNumber, OutcomeUnknown, transacted } from './transacted';
