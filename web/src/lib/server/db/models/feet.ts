import { ARCH_TYPES, FOOT_TOE_SHAPES, LOADS, SIDES, WAYS, type Load, type Side, type WayOfTaking } from '@chiave/core/measure';
import type { CreationOptional, InferAttributes, InferCreationAttributes, Model, NonAttribute, Sequelize } from 'sequelize';
import { features, type FootFeatures, type TakenValue } from '../../../api/foot-schema';
import { idOf } from '../../../api/values';
import { bySchema, isFigure, oneOf, records } from '../kept';
import { DOUBLE, json, MOMENT, NUMBER, serial, STRING, TEXT, word } from './columns';
import { outlineOf } from './stock';
import type { FittingModel } from './people';

export interface FootMeasureModel extends Model<InferAttributes<FootMeasureModel>, InferCreationAttributes<FootMeasureModel>> {
  fittingId: number;
  side: Side;
  field: string;
  mm: number;
  how: WayOfTaking;
  typed: string;
  takenAt: CreationOptional<Date | null>;
  takenBy: CreationOptional<string>;
  under: CreationOptional<Load>;
  sockMm: CreationOptional<number>;
  sd: CreationOptional<number | null>;
  readings: CreationOptional<TakenValue['readings']>;
}

export interface FootFeatureModel extends Model<InferAttributes<FootFeatureModel>, InferCreationAttributes<FootFeatureModel>>, FootFeatures {
  fittingId: number;
  side: Side;
}

export interface TracingModel extends Model<InferAttributes<TracingModel>, InferCreationAttributes<TracingModel>> {
  id: CreationOptional<number>;
  fittingId: number;
  side: Side;
  outline: [number, number][];
  source: string;
  lengthSdMm: number;
  widthSdMm: number;
  createdAt: Date;
  file?: NonAttribute<ScanFileModel | null>;
}

export interface ScanFileModel extends Model<InferAttributes<ScanFileModel>, InferCreationAttributes<ScanFileModel>> {
  tracingId: number;
  name: string;
  packed: string;
}

export interface InstrumentReadingModel extends Model<InferAttributes<InstrumentReadingModel>, InferCreationAttributes<InstrumentReadingModel>> {
  fittingId: number;
  side: Side;
  field: string;
  how: WayOfTaking;
  takenBy: string;
  mm: number;
  takenAt: Date;
  under: Load;
  sockMm: number;
  fitting?: NonAttribute<FittingModel>;
}

const ways = idOf(WAYS);
const loads = idOf(LOADS);
/** Readings that can be ones. */
export const readingsOf = (value: unknown): TakenValue['readings'] =>
  records<{ mm: unknown; typed: unknown; how: unknown }>(value, (r) => isFigure(r.mm) && typeof r.typed === 'string').map(({ mm, typed, how }) => ({
    mm: Number(mm),
    typed: String(typed),
    how: oneOf(how, ways, 'tape')
  }));

/** What is measured, seen and traced of the feet of a visit. */
export const feetTables = (sequelize: Sequelize) => ({
  FootMeasure: sequelize.define<FootMeasureModel>(
    'FootMeasure',
    {
      fittingId: { type: NUMBER, primaryKey: true },
      side: { type: STRING(5), primaryKey: true },
      field: { type: STRING(24), primaryKey: true },
      mm: DOUBLE,
      how: word('how', 8, ways, 'tape'),
      typed: STRING(40),
      takenAt: MOMENT,
      takenBy: STRING(60),
      under: word('under', 8, loads, 'standing'),
      sockMm: DOUBLE,
      sd: DOUBLE,
      readings: json('readings', readingsOf)
    },
    { tableName: 'foot_measures' }
  ),
  FootFeature: sequelize.define<FootFeatureModel>(
    'FootFeature',
    {
      fittingId: { type: NUMBER, primaryKey: true },
      side: { type: STRING(5), primaryKey: true },
      toeShape: {
        type: STRING(10),
        get() {
          return FOOT_TOE_SHAPES.find((s) => s === this.getDataValue('toeShape')) ?? null;
        }
      },
      archType: {
        type: STRING(8),
        get() {
          return ARCH_TYPES.find((a) => a === this.getDataValue('archType')) ?? null;
        }
      },
      bunionMm: DOUBLE,
      hammerToeMm: DOUBLE,
      hammerToe: NUMBER,
      ankleReachDeg: DOUBLE,
      posture: json('posture', (v) => bySchema(v, features.shape.posture, null)),
      print: json('print', (v) => bySchema(v, features.shape.print, null))
    },
    { tableName: 'foot_features' }
  ),
  Tracing: sequelize.define<TracingModel>(
    'Tracing',
    {
      id: serial,
      fittingId: NUMBER,
      side: word('side', 5, SIDES, 'left'),
      outline: json('outline', outlineOf),
      source: STRING(20),
      lengthSdMm: DOUBLE,
      widthSdMm: DOUBLE,
      createdAt: MOMENT
    },
    { tableName: 'tracings' }
  ),
  ScanFile: sequelize.define<ScanFileModel>(
    'ScanFile',
    { tracingId: { type: NUMBER, primaryKey: true }, name: STRING(120), packed: TEXT('medium') },
    { tableName: 'scan_files' }
  ),
  InstrumentReading: sequelize.define<InstrumentReadingModel>(
    'InstrumentReading',
    {
      fittingId: { type: NUMBER, primaryKey: true },
      side: { type: STRING(5), primaryKey: true },
      field: { type: STRING(24), primaryKey: true },
      how: { ...word('how', 8, ways, 'tape'), primaryKey: true },
      takenBy: { type: STRING(60), primaryKey: true },
      mm: DOUBLE,
      takenAt: MOMENT,
      under: word('under', 8, loads, 'standing'),
      sockMm: DOUBLE
    },
    { tableName: 'instrument_readings' }
  )
});
