import { DataTypes, Model, type ModelStatic, type Sequelize, type Transaction } from 'sequelize';
import { personWords } from './person-words';

/** JSON columns come back as text or parsed, by driver version; this reads both. */
export const fromJson = <T>(value: unknown): T => (typeof value === 'string' ? JSON.parse(value) : value) as T;

export type Row = Model<Record<string, unknown>, Record<string, unknown>> & Record<string, never>;
export interface Tables {
  Maker: ModelStatic<Model>;
  Last: ModelStatic<Model>;
  Style: ModelStatic<Model>;
  Stock: ModelStatic<Model>;
  Customer: ModelStatic<Model>;
  Fitting: ModelStatic<Model>;
  FootMeasure: ModelStatic<Model>;
  FootFeature: ModelStatic<Model>;
  TryOn: ModelStatic<Model>;
  AnsweredWrite: ModelStatic<Model>;
  CustomerWord: ModelStatic<Model>;
  Setting: ModelStatic<Model>;
  Habit: ModelStatic<Model>;
  MakerScale: ModelStatic<Model>;
  Tracing: ModelStatic<Model>;
  Change: ModelStatic<Model>;
  InsideReading: ModelStatic<Model>;
  StylePhoto: ModelStatic<Model>;
  SizeMatrix: ModelStatic<Model>;
}

const { STRING, TEXT, INTEGER, DOUBLE, BOOLEAN, JSON: JSON_TYPE, DATE } = DataTypes;
const id = { type: STRING(60), primaryKey: true };
const serial = { type: INTEGER.UNSIGNED, primaryKey: true, autoIncrement: true };

const known = new WeakMap<Sequelize, Tables>();

/** The tables as Sequelize models. Their structure is made by the migrations, never by `sync`. */
export function tables(sequelize: Sequelize): Tables {
  const found = known.get(sequelize);
  if (found) return found;
  const define = (name: string, tableName: string, columns: Parameters<Sequelize['define']>[1]): ModelStatic<Model> =>
    sequelize.define(name, columns, { tableName });
  const made: Tables = {
    Maker: define('Maker', 'makers', { id, name: STRING(120), note: TEXT, letters: JSON_TYPE }),
    Last: define('Last', 'lasts', { id, makerId: STRING(60), name: STRING(120), family: STRING(20), definition: JSON_TYPE, version: INTEGER.UNSIGNED }),
    Style: define('Style', 'styles', {
      id,
      makerId: STRING(60),
      lastId: STRING(60),
      name: STRING(120),
      kind: STRING(20),
      forWhom: STRING(10),
      scale: STRING(12),
      school: STRING(20),
      step: DOUBLE,
      sizeFrom: DOUBLE,
      sizeTo: DOUBLE,
      widths: JSON_TYPE,
      upper: STRING(20),
      closure: STRING(12),
      soleStiffness: DOUBLE,
      heelHeightMm: DOUBLE,
      platformMm: DOUBLE,
      removableInsoleMm: DOUBLE,
      toeStructure: STRING(12),
      details: JSON_TYPE,
      version: INTEGER.UNSIGNED
    }),
    Stock: define('Stock', 'stock', {
      styleId: { type: STRING(60), primaryKey: true },
      size: { type: STRING(12), primaryKey: true },
      width: { type: STRING(12), primaryKey: true },
      count: INTEGER
    }),
    Customer: define('Customer', 'customers', {
      id: serial,
      name: STRING(120),
      born: INTEGER,
      work: STRING(200),
      story: TEXT,
      fitsAs: STRING(6),
      flags: JSON_TYPE,
      createdAt: DATE(3),
      version: INTEGER.UNSIGNED,
      bornMonth: INTEGER.UNSIGNED,
      consentAt: DATE(3),
      consentNote: TEXT,
      erasedAt: DATE(3)
    }),
    Fitting: define('Fitting', 'fittings', {
      id: serial,
      customerId: INTEGER.UNSIGNED,
      openedAt: DATE(3),
      updatedAt: DATE(3),
      purpose: STRING(300),
      kinds: JSON_TYPE,
      sockMm: DOUBLE,
      insertMm: DOUBLE,
      preference: STRING(10),
      measuredAt: STRING(10),
      wornAt: STRING(10),
      breakIn: STRING(6),
      roomSchool: STRING(8),
      betweenSchool: STRING(14),
      population: STRING(12),
      wearingNow: TEXT,
      trouble: TEXT,
      looked: JSON_TYPE,
      note: TEXT,
      version: INTEGER.UNSIGNED,
      feetVersion: INTEGER.UNSIGNED,
      measuredLoad: STRING(8),
      measuredSockMm: DOUBLE,
      measuredWarm: BOOLEAN,
      wornWarm: BOOLEAN,
      weightKg: DOUBLE,
      feetWeightKg: DOUBLE,
      stateOff: JSON_TYPE
    }),
    FootMeasure: define('FootMeasure', 'foot_measures', {
      fittingId: { type: INTEGER.UNSIGNED, primaryKey: true },
      side: { type: STRING(5), primaryKey: true },
      field: { type: STRING(24), primaryKey: true },
      mm: DOUBLE,
      how: STRING(8),
      typed: STRING(40),
      takenAt: DATE(3),
      takenBy: STRING(60),
      under: STRING(8),
      sockMm: DOUBLE,
      sd: DOUBLE,
      readings: JSON_TYPE
    }),
    FootFeature: define('FootFeature', 'foot_features', {
      fittingId: { type: INTEGER.UNSIGNED, primaryKey: true },
      side: { type: STRING(5), primaryKey: true },
      toeShape: STRING(10),
      archType: STRING(8),
      bunionMm: DOUBLE,
      hammerToeMm: DOUBLE,
      ankleReachDeg: DOUBLE,
      posture: JSON_TYPE,
      print: JSON_TYPE
    }),
    TryOn: define('TryOn', 'try_ons', {
      id: serial,
      fittingId: INTEGER.UNSIGNED,
      styleId: STRING(60),
      size: STRING(12),
      width: STRING(12),
      putIn: JSON_TYPE,
      felt: JSON_TYPE,
      outcome: STRING(10),
      why: TEXT,
      verdict: STRING(16),
      probability: DOUBLE,
      said: TEXT,
      engine: STRING(10),
      version: INTEGER.UNSIGNED,
      createdAt: DATE(3)
    }),
    AnsweredWrite: define('AnsweredWrite', 'answered_writes', {
      writeKey: { type: STRING(64), primaryKey: true },
      request: STRING(64),
      status: INTEGER.UNSIGNED,
      answer: TEXT('medium'),
      at: DATE(3)
    }),
    CustomerWord: define('CustomerWord', 'customer_words', {
      word: { type: STRING(40), primaryKey: true },
      customerId: { type: INTEGER.UNSIGNED, primaryKey: true }
    }),
    Setting: define('Setting', 'shop_settings', { name: { type: STRING(40), primaryKey: true }, value: JSON_TYPE }),
    Habit: define('Habit', 'habit_reports', {
      id: serial,
      lastId: STRING(60),
      evidence: STRING(12),
      offsetSizes: DOUBLE,
      variant: STRING(80),
      madeYear: INTEGER,
      note: TEXT,
      createdAt: DATE(3)
    }),
    Tracing: define('Tracing', 'tracings', {
      id: serial,
      fittingId: INTEGER.UNSIGNED,
      side: STRING(5),
      outline: JSON_TYPE,
      source: STRING(20),
      lengthSdMm: DOUBLE,
      widthSdMm: DOUBLE,
      createdAt: DATE(3)
    }),
    Change: define('Change', 'change_log', {
      id: serial,
      at: DATE(3),
      byWhom: STRING(60),
      customerId: INTEGER.UNSIGNED,
      what: STRING(40),
      changed: JSON_TYPE
    }),
    InsideReading: define('InsideReading', 'inside_readings', {
      id: serial,
      lastId: STRING(60),
      size: DOUBLE,
      width: STRING(12),
      side: STRING(5),
      who: STRING(60),
      takenOn: STRING(10),
      lengthMm: DOUBLE,
      ballMm: DOUBLE,
      narrowMm: DOUBLE,
      heelMm: DOUBLE,
      ballGirthMm: DOUBLE,
      outline: JSON_TYPE,
      note: STRING(200),
      createdAt: DATE(3)
    }),
    StylePhoto: define('StylePhoto', 'style_photos', {
      id: serial,
      styleId: STRING(60),
      shows: STRING(12),
      caption: STRING(200),
      mime: STRING(20),
      content: TEXT('medium'),
      createdAt: DATE(3)
    }),
    SizeMatrix: define('SizeMatrix', 'size_matrices', { id: serial, name: STRING(120), definition: JSON_TYPE, createdAt: DATE(3) }),
    MakerScale: define('MakerScale', 'maker_scales', { id: serial, makerId: STRING(60), definition: JSON_TYPE })
  };
  made.Fitting.hasMany(made.FootMeasure, { foreignKey: 'fittingId', as: 'measures' });
  made.Fitting.hasMany(made.FootFeature, { foreignKey: 'fittingId', as: 'features' });
  made.Fitting.hasMany(made.Tracing, { foreignKey: 'fittingId', as: 'tracings' });
  made.Fitting.hasMany(made.TryOn, { foreignKey: 'fittingId', as: 'tries' });
  made.Fitting.belongsTo(made.Customer, { foreignKey: 'customerId', as: 'customer' });
  // Whoever writes a person, the words they are found by follow in the same transaction.
  made.Customer.addHook('afterSave', async (row: Model, { transaction }: { transaction?: Transaction | null }) => {
    const customerId = row.get('id') as number;
    const words = row.get('erasedAt') ? [] : personWords(row.get({ plain: true }) as Record<string, unknown>);
    const had = (await made.CustomerWord.findAll({ where: { customerId }, transaction })).map((w) => w.get('word') as string);
    const gone = had.filter((w) => !words.includes(w));
    const fresh = words.filter((w) => !had.includes(w));
    if (gone.length > 0) await made.CustomerWord.destroy({ where: { customerId, word: gone }, transaction });
    await made.CustomerWord.bulkCreate(
      fresh.map((word) => ({ word, customerId })),
      { ignoreDuplicates: true, transaction }
    );
  });
  known.set(sequelize, made);
  return made;
}
