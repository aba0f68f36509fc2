export { Op } from 'sequelize';
export { database } from './connect';
export * from './kept';
export {
  readingsOf,
  tables,
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
  type Tables,
  type TracingModel,
  type TryOnModel
} from './models';
export { wordsOf } from './person-words';
export { select, selectRows } from './select';
export { apart, errorNumber, OutcomeUnknown, transacted } from './transacted';
