import type { InferAttributes, InferCreationAttributes, Model, Sequelize, Transaction } from 'sequelize';
import { foundBy } from '../person-words';
import { json, MOMENT, NUMBER, STRING, TEXT } from './columns';
import { doorTables } from './doors';
import { keepingTables } from './keeping';
import { learningTables } from './learning';
import { feetTables } from './feet';
import { peopleTables, type CustomerModel } from './people';
import { pointeTables } from './pointe';
import { stockTables } from './stock';

export interface AnsweredWriteModel extends Model<InferAttributes<AnsweredWriteModel>, InferCreationAttributes<AnsweredWriteModel>> {
  writeKey: string;
  request: string;
  status: number;
  answer: string;
  at: Date;
}
export interface SettingModel extends Model<InferAttributes<SettingModel>, InferCreationAttributes<SettingModel>> {
  name: string;
  /** Each setting reads its own with its schema. */
  value: unknown;
}
const shopTables = (sequelize: Sequelize) => ({
  AnsweredWrite: sequelize.define<AnsweredWriteModel>(
    'AnsweredWrite',
    { writeKey: { type: STRING(64), primaryKey: true }, request: STRING(64), status: NUMBER, answer: TEXT('medium'), at: MOMENT },
    { tableName: 'answered_writes' }
  ),
  Setting: sequelize.define<SettingModel>(
    'Setting',
    { name: { type: STRING(40), primaryKey: true }, value: json('value', (v) => v) },
    { tableName: 'shop_settings' }
  )
});

const made = (sequelize: Sequelize) => ({
  ...stockTables(sequelize),
  ...peopleTables(sequelize),
  ...feetTables(sequelize),
  ...learningTables(sequelize),
  ...pointeTables(sequelize),
  ...keepingTables(sequelize),
  ...doorTables(sequelize),
  ...shopTables(sequelize)
});
export type Tables = ReturnType<typeof made>;
export type { AccountModel, ApiTokenModel, DeedModel, ProposalModel, SessionModel } from './doors';
export type { FootFeatureModel, FootMeasureModel, TracingModel } from './feet';
export type { CustomerModel, FittingModel, TryOnModel } from './people';
export { readingsOf } from './feet';
export { packFacts, unpackFacts } from './keeping';
export type { OfPersonModel, PairFacts, PairLifeModel, PairModel } from './keeping';
export type { LearnedAnswerModel, PostModel } from './learning';
export type { HabitModel, LastModel, MakerModel, PullModel } from './stock';

const known = new WeakMap<Sequelize, Tables>();

/** The tables as Sequelize models. Their structure is made by the migrations, never by `sync`. */
export function tables(sequelize: Sequelize): Tables {
  const found = known.get(sequelize);
  if (found) return found;
  const t = made(sequelize);
  t.Fitting.hasMany(t.FootMeasure, { foreignKey: 'fittingId', as: 'measures' });
  t.Fitting.hasMany(t.FootFeature, { foreignKey: 'fittingId', as: 'features' });
  t.Fitting.hasMany(t.Tracing, { foreignKey: 'fittingId', as: 'tracings' });
  t.InstrumentReading.belongsTo(t.Fitting, { foreignKey: 'fittingId', as: 'fitting' });
  t.Tracing.hasOne(t.ScanFile, { foreignKey: 'tracingId', as: 'file' });
  t.Fitting.hasMany(t.TryOn, { foreignKey: 'fittingId', as: 'tries' });
  t.Fitting.belongsTo(t.Customer, { foreignKey: 'customerId', as: 'customer' });
  // Whoever writes a person, the words they are found by follow in the same transaction.
  t.Customer.addHook('afterSave', async (row: Model, { transaction }: { transaction?: Transaction | null }) => {
    const { id: customerId, name, work, story, erasedAt } = row as CustomerModel;
    const words = new Map((erasedAt ? [] : foundBy({ name, work, story })).map((w) => [w.word, w.ofHealth]));
    const had = new Map((await t.CustomerWord.findAll({ where: { customerId }, transaction })).map((w) => [w.word, w.ofHealth]));
    const gone = [...had].filter(([word, ofHealth]) => words.get(word) !== ofHealth).map(([word]) => word);
    const fresh = [...words].filter(([word, ofHealth]) => had.get(word) !== ofHealth).map(([word, ofHealth]) => ({ word, customerId, ofHealth }));
    if (gone.length > 0) await t.CustomerWord.destroy({ where: { customerId, word: gone }, transaction });
    await t.CustomerWord.bulkCreate(fresh, { ignoreDuplicates: true, transaction });
  });
  known.set(sequelize, t);
  return t;
}
