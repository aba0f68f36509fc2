export { Op, type Transaction } from 'sequelize';
export { closeDatabase, database, poolNow } from './connect';
export { auditDeeds, ERASED, FORGOTTEN, noteDeed, TOOK_BACK, type Audit } from './deeds';
export * from './kept';
export {
  packFacts,
  readingsOf,
  tables,
  unpackFacts,
  type AccountModel,
  type CustomerModel,
  type FittingModel,
  type FootFeatureModel,
  type FootMeasureModel,
  type HabitModel,
  type PostModel,
  type PullModel,
  type LastModel,
  type LearnedAnswerModel,
  type MakerModel,
  type OfPersonModel,
  type PairFacts,
  type PairLifeModel,
  type PairModel,
  type Tables,
  type SessionModel,
  type TracingModel,
  type TryOnModel
} from './models';
export { wordsOf } from './person-words';
export { change, select, selectPlain, selectRows } from './select';
export { apart, errorNumber, OutcomeUnknown, transacted } from './transacted';
