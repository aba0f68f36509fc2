import { OFFSETS, type OffsetId } from '@chiave/core/learn';
import type { CreationOptional, InferAttributes, InferCreationAttributes, Model, Sequelize } from 'sequelize';
import { LEARNED_ANSWERS, SUBJECTS, type LearnedAnswerId, type SubjectId } from '../../../api/learned-schema';
import { postCostsSchema, USUAL_COSTS, type PostCosts } from '../../../api/post-schema';
import { knownShoeSchema, type KnownShoeKept } from '../../../api/known-schema';
import { bySchema, record } from '../kept';
import { DOUBLE, json, MOMENT, NUMBER, serial, STRING, word } from './columns';

/** What learning keeps: pairs in the post, shoes people know, what the shop answered to what it learned, every version of a last. */
export interface PostModel extends Model<InferAttributes<PostModel>, InferCreationAttributes<PostModel>> {
  id: CreationOptional<number>;
  customerId: number;
  fittingId: number;
  sentOn: string;
  dueOn: string | null;
  chance: number | null;
  costs: PostCosts;
  checkWords: string;
  closedOn: CreationOptional<string | null>;
  byWhom: string;
  version: CreationOptional<number>;
  createdAt: Date;
}
export interface KnownShoeModel extends Model<InferAttributes<KnownShoeModel>, InferCreationAttributes<KnownShoeModel>> {
  id: CreationOptional<number>;
  customerId: number;
  /** Null for one that cannot be read any more. */
  shoe: KnownShoeKept | null;
  createdAt: Date;
}
export interface LearnedAnswerModel extends Model<InferAttributes<LearnedAnswerModel>, InferCreationAttributes<LearnedAnswerModel>> {
  id: CreationOptional<number>;
  subject: SubjectId;
  subjectId: string;
  channel: OffsetId;
  answer: LearnedAnswerId;
  mm: number;
  sdMm: number;
  people: number;
  words: number;
  engine: string;
  byWhom: string;
  createdAt: Date;
}
export interface LastVersionModel extends Model<InferAttributes<LastVersionModel>, InferCreationAttributes<LastVersionModel>> {
  id: CreationOptional<number>;
  lastId: string;
  version: number;
  definition: object;
  createdAt: Date;
}

export const learningTables = (sequelize: Sequelize) => ({
  Post: sequelize.define<PostModel>(
    'Post',
    {
      id: serial,
      customerId: NUMBER,
      fittingId: NUMBER,
      sentOn: STRING(10),
      dueOn: STRING(10),
      chance: DOUBLE,
      costs: json('costs', (v) => bySchema(v, postCostsSchema, USUAL_COSTS)),
      checkWords: STRING(600),
      closedOn: STRING(10),
      byWhom: STRING(60),
      version: NUMBER,
      createdAt: MOMENT
    },
    { tableName: 'posts' }
  ),
  KnownShoe: sequelize.define<KnownShoeModel>(
    'KnownShoe',
    { id: serial, customerId: NUMBER, shoe: json('shoe', (v) => bySchema(v, knownShoeSchema, null)), createdAt: MOMENT },
    { tableName: 'known_shoes' }
  ),
  LearnedAnswer: sequelize.define<LearnedAnswerModel>(
    'LearnedAnswer',
    {
      id: serial,
      subject: word('subject', 4, SUBJECTS, 'last'),
      subjectId: STRING(60),
      channel: word('channel', 10, OFFSETS, 'length'),
      answer: word('answer', 10, LEARNED_ANSWERS, 'withdrawn'),
      mm: DOUBLE,
      sdMm: DOUBLE,
      people: NUMBER,
      words: NUMBER,
      engine: STRING(10),
      byWhom: STRING(60),
      createdAt: MOMENT
    },
    { tableName: 'learned_answers' }
  ),
  LastVersion: sequelize.define<LastVersionModel>(
    'LastVersion',
    { id: serial, lastId: STRING(60), version: NUMBER, definition: json('definition', record), createdAt: MOMENT },
    { tableName: 'last_versions' }
  )
});
