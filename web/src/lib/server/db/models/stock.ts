import { CLOSE_UPS, type CloseUp } from '@chiave/core/attributes';
import type { KeptMake, StyleDetails } from '@chiave/core/fit';
import type { ToeFamilyId } from '@chiave/core/last';
import { SIDES, type Side } from '@chiave/core/measure';
import { CUTS, EVIDENCE_IDS, FOR_WHOM, type EvidenceId, type ForWhom, type MakerScaleInput, type ScaleId } from '@chiave/core/size';
import type { CreationOptional, InferAttributes, InferCreationAttributes, Model, Sequelize } from 'sequelize';
import { detailsSchema, wholeDetails } from '../../../api/stock-schema';
import { makerScaleFields } from '../../../api/size-schema';
import { bySchema, isFigure, record, records, textSet } from '../kept';
import { DOUBLE, id, INTEGER, json, MOMENT, NUMBER, serial, STRING, TEXT, word } from './columns';

/** What the shop has: makers, lasts with what was measured in them, styles with what is on the shelf. */
export interface MakerModel extends Model<InferAttributes<MakerModel>, InferCreationAttributes<MakerModel>> {
  id: string;
  name: string;
  note: CreationOptional<string | null>;
  letters: string[];
}
export interface LastModel extends Model<InferAttributes<LastModel>, InferCreationAttributes<LastModel>> {
  id: string;
  makerId: string;
  name: string;
  family: ToeFamilyId;
  /** All of a last but what has a column of its own. */
  definition: object;
  version: CreationOptional<number>;
}
export interface StyleModel extends Model<InferAttributes<StyleModel>, InferCreationAttributes<StyleModel>>, KeptMake {
  id: string;
  makerId: string;
  lastId: string;
  name: string;
  forWhom: ForWhom;
  scale: ScaleId;
  school: string;
  step: number;
  sizeFrom: number;
  sizeTo: number;
  widths: string[];
  details: CreationOptional<StyleDetails>;
  version: CreationOptional<number>;
}
export interface StockModel extends Model<InferAttributes<StockModel>, InferCreationAttributes<StockModel>> {
  styleId: string;
  size: string;
  width: string;
  count: number;
}
export interface HabitModel extends Model<InferAttributes<HabitModel>, InferCreationAttributes<HabitModel>> {
  id: CreationOptional<number>;
  lastId: string;
  evidence: EvidenceId;
  offsetSizes: number;
  variant: string;
  madeYear: number | null;
  note: string;
  createdAt: Date;
}
export interface PullModel extends Model<InferAttributes<PullModel>, InferCreationAttributes<PullModel>> {
  id: CreationOptional<number>;
  part: string;
  material: string;
  surface: string;
  kg: number[];
  insideKg: number;
  shoeKg: number;
  who: string;
  createdAt: Date;
}
export interface InsideReadingModel extends Model<InferAttributes<InsideReadingModel>, InferCreationAttributes<InsideReadingModel>> {
  id: CreationOptional<number>;
  lastId: string;
  size: number;
  width: string;
  side: Side;
  who: string;
  takenOn: string;
  lengthMm: CreationOptional<number | null>;
  ballMm: CreationOptional<number | null>;
  narrowMm: CreationOptional<number | null>;
  heelMm: CreationOptional<number | null>;
  ballGirthMm: CreationOptional<number | null>;
  outline: CreationOptional<[number, number][] | null>;
  note: string;
  createdAt: Date;
}
export interface StylePhotoModel extends Model<InferAttributes<StylePhotoModel>, InferCreationAttributes<StylePhotoModel>> {
  id: CreationOptional<number>;
  styleId: string;
  shows: CloseUp;
  caption: string;
  mime: string;
  content: string;
  createdAt: Date;
}
export interface SizeMatrixModel extends Model<InferAttributes<SizeMatrixModel>, InferCreationAttributes<SizeMatrixModel>> {
  id: CreationOptional<number>;
  name: string;
  definition: { lasts: string[]; footMm: number };
  createdAt: Date;
}
export interface MakerScaleModel extends Model<InferAttributes<MakerScaleModel>, InferCreationAttributes<MakerScaleModel>> {
  id: CreationOptional<number>;
  makerId: string;
  definition: MakerScaleInput;
}

/** Foot of a matrix that says none, mm. */
const USUAL_FOOT_MM = 255;
const matrixOf = (value: unknown): SizeMatrixModel['definition'] => {
  const { lasts, footMm } = record(value);
  return { lasts: textSet(lasts), footMm: isFigure(footMm) ? footMm : USUAL_FOOT_MM };
};
const NO_SCALE: MakerScaleInput = {
  name: '?',
  unitMm: 5,
  knownSize: 0,
  knownFootMm: 250,
  cut: CUTS[0],
  from: 0,
  to: 0,
  forWhom: FOR_WHOM[2],
  note: '',
  widths: null
};
const scaleFields = makerScaleFields.omit({ makerId: true });

/** Points of an outline; none where something else stands. */
export const outlineOf = (value: unknown): [number, number][] =>
  records<[number, number]>(value, (p) => Array.isArray(p) && p.length === 2 && p.every(isFigure));

export const stockTables = (sequelize: Sequelize) => ({
  Maker: sequelize.define<MakerModel>('Maker', { id, name: STRING(120), note: TEXT, letters: json('letters', (v) => textSet(v)) }, { tableName: 'makers' }),
  Last: sequelize.define<LastModel>(
    'Last',
    {
      id,
      makerId: STRING(60),
      name: STRING(120),
      family: STRING(20),
      definition: json('definition', record),
      version: NUMBER
    },
    { tableName: 'lasts' }
  ),
  Style: sequelize.define<StyleModel>(
    'Style',
    {
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
      widths: json('widths', (v) => textSet(v)),
      upper: STRING(20),
      closure: STRING(12),
      soleStiffness: DOUBLE,
      heelHeightMm: DOUBLE,
      platformMm: DOUBLE,
      removableInsoleMm: DOUBLE,
      toeStructure: STRING(12),
      details: json('details', (v) => wholeDetails(bySchema(v, detailsSchema, null))),
      version: NUMBER
    },
    { tableName: 'styles' }
  ),
  Stock: sequelize.define<StockModel>(
    'Stock',
    {
      styleId: { type: STRING(60), primaryKey: true },
      size: { type: STRING(12), primaryKey: true },
      width: { type: STRING(12), primaryKey: true },
      count: INTEGER
    },
    { tableName: 'stock' }
  ),
  Habit: sequelize.define<HabitModel>(
    'Habit',
    {
      id: serial,
      lastId: STRING(60),
      evidence: word('evidence', 12, EVIDENCE_IDS, EVIDENCE_IDS[EVIDENCE_IDS.length - 1]),
      offsetSizes: DOUBLE,
      variant: STRING(80),
      madeYear: INTEGER,
      note: TEXT,
      createdAt: MOMENT
    },
    { tableName: 'habit_reports' }
  ),
  Pull: sequelize.define<PullModel>(
    'Pull',
    {
      id: serial,
      part: STRING(5),
      material: STRING(20),
      surface: STRING(10),
      kg: json('kg', (v) => (Array.isArray(v) ? v.filter(isFigure) : [])),
      insideKg: DOUBLE,
      shoeKg: DOUBLE,
      who: STRING(60),
      createdAt: MOMENT
    },
    { tableName: 'pulls' }
  ),
  InsideReading: sequelize.define<InsideReadingModel>(
    'InsideReading',
    {
      id: serial,
      lastId: STRING(60),
      size: DOUBLE,
      width: STRING(12),
      side: word('side', 5, SIDES, 'left'),
      who: STRING(60),
      takenOn: STRING(10),
      lengthMm: DOUBLE,
      ballMm: DOUBLE,
      narrowMm: DOUBLE,
      heelMm: DOUBLE,
      ballGirthMm: DOUBLE,
      outline: json('outline', (v) => (v === null || v === undefined ? null : outlineOf(v))),
      note: STRING(200),
      createdAt: MOMENT
    },
    { tableName: 'inside_readings' }
  ),
  StylePhoto: sequelize.define<StylePhotoModel>(
    'StylePhoto',
    {
      id: serial,
      styleId: STRING(60),
      shows: word('shows', 12, CLOSE_UPS, 'whole'),
      caption: STRING(200),
      mime: STRING(20),
      content: TEXT('medium'),
      createdAt: MOMENT
    },
    { tableName: 'style_photos' }
  ),
  SizeMatrix: sequelize.define<SizeMatrixModel>(
    'SizeMatrix',
    { id: serial, name: STRING(120), definition: json('definition', matrixOf), createdAt: MOMENT },
    { tableName: 'size_matrices' }
  ),
  MakerScale: sequelize.define<MakerScaleModel>(
    'MakerScale',
    { id: serial, makerId: STRING(60), definition: json('definition', (v) => bySchema(v, scaleFields, NO_SCALE)) },
    { tableName: 'maker_scales' }
  )
});
