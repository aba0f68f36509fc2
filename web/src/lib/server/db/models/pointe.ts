import type { CreationOptional, InferAttributes, InferCreationAttributes, Model, Sequelize } from 'sequelize';
import { z } from 'zod';
import {
  BLANK_DANCER,
  barreSchema,
  beliefsSchema,
  dancerSchema,
  pointeModelSchema,
  pointePairSchema,
  pointeScaleSchema,
  stockLineSchema,
  type BarreBody,
  type DancerBody,
  type PointeModelRow,
  type PointePairBody
} from '../../../api/pointe-schema';
import { bySchema } from '../kept';
import { DOUBLE, json, MOMENT, NUMBER, serial, STRING } from './columns';

/** Boxes and who dances in them. What cannot be read any more is null, and left out by who reads it. */
export interface PointeMakerRowModel extends Model<InferAttributes<PointeMakerRowModel>, InferCreationAttributes<PointeMakerRowModel>> {
  id: string;
  name: string;
  scale: z.infer<typeof pointeScaleSchema> | null;
  leadDays: number;
}
/** What of a model's body stands in its definition: the rest has columns of its own. */
export const definitionSchema = z.object(pointeModelSchema.shape).omit({ id: true, makerId: true, name: true, price: true, stock: true });
export interface PointeModelRowModel extends Model<InferAttributes<PointeModelRowModel>, InferCreationAttributes<PointeModelRowModel>> {
  id: string;
  makerId: string;
  name: string;
  definition: z.infer<typeof definitionSchema> | null;
  stock: PointeModelRow['stock'];
  price: number | null;
  beliefs: PointeModelRow['beliefs'];
}
export interface PointeDancerModel extends Model<InferAttributes<PointeDancerModel>, InferCreationAttributes<PointeDancerModel>> {
  customerId: number;
  asked: DancerBody;
  version: number;
  updatedAt: Date;
}
export interface PointePairModel extends Model<InferAttributes<PointePairModel>, InferCreationAttributes<PointePairModel>> {
  id: CreationOptional<number>;
  customerId: number;
  pair: PointePairBody | null;
  version: number;
  updatedAt: Date;
}
export interface PointeBarreModel extends Model<InferAttributes<PointeBarreModel>, InferCreationAttributes<PointeBarreModel>> {
  id: CreationOptional<number>;
  customerId: number;
  seen: BarreBody | null;
  createdAt: Date;
}
const key = { type: STRING(40), primaryKey: true };

export const pointeTables = (sequelize: Sequelize) => ({
  PointeMaker: sequelize.define<PointeMakerRowModel>(
    'PointeMaker',
    { id: key, name: STRING(80), scale: json('scale', (v) => bySchema(v, pointeScaleSchema, null)), leadDays: NUMBER },
    { tableName: 'pointe_makers' }
  ),
  PointeModel: sequelize.define<PointeModelRowModel>(
    'PointeModel',
    {
      id: key,
      makerId: STRING(40),
      name: STRING(80),
      definition: json('definition', (v) => bySchema(v, definitionSchema, null)),
      stock: json('stock', (v) => bySchema(v, z.array(stockLineSchema), [])),
      price: DOUBLE,
      beliefs: { ...json('beliefs', (v) => bySchema(v, beliefsSchema, {})), field: 'belief' }
    },
    { tableName: 'pointe_models' }
  ),
  PointeDancer: sequelize.define<PointeDancerModel>(
    'PointeDancer',
    {
      customerId: { type: NUMBER, primaryKey: true },
      asked: json('asked', (v) => bySchema(v, dancerSchema, BLANK_DANCER)),
      version: NUMBER,
      updatedAt: MOMENT
    },
    { tableName: 'pointe_dancers' }
  ),
  PointePair: sequelize.define<PointePairModel>(
    'PointePair',
    { id: serial, customerId: NUMBER, pair: json('pair', (v) => bySchema(v, pointePairSchema, null)), version: NUMBER, updatedAt: MOMENT },
    { tableName: 'pointe_pairs' }
  ),
  PointeBarre: sequelize.define<PointeBarreModel>(
    'PointeBarre',
    { id: serial, customerId: NUMBER, seen: json('seen', (v) => bySchema(v, barreSchema, null)), createdAt: MOMENT },
    { tableName: 'pointe_barre' }
  )
});
