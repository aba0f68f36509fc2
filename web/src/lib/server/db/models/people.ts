import {
  BETWEEN_SCHOOLS,
  BREAK_INS,
  FLAG_IDS,
  KIND_IDS,
  PREFERENCES,
  ROOM_SCHOOLS,
  VERDICTS,
  ZONE_IDS,
  ZONE_STATES,
  type BetweenSchool,
  type BreakIn,
  type FlagId,
  type KindId,
  type Preference,
  type RoomSchool
} from '@chiave/core/fit';
import { GROUNDS, type GroundId } from '@chiave/core/heel';
import { FITS_AS, LOADS, POPULATIONS, STATE_STEP_IDS, type FitsAs, type Load, type PopulationId, type StateStepId } from '@chiave/core/measure';
import type { Bout } from '@chiave/core/chair';
import type { CreationOptional, InferAttributes, InferCreationAttributes, Model, Sequelize } from 'sequelize';
import { keptConsents, type KeptConsents } from '../../../api/consent';
import { BLANK_CHAIR, boutsSchema, chairSchema, excludedSchema, reasonSchema, toldSchema, triedWithSchema } from '../../../api/chair-schema';
import { pairPutSchema } from '../../../api/put-schema';
import { OUTCOMES } from '../../../api/outcomes';
import type { TryRow } from '../../../api/rows';
import { idOf } from '../../../api/values';
import { occasionFields, type OccasionBody } from '../../../api/occasion-schema';
import { BLANK_USE_ASKED, useAskedSchema, type UseAsked } from '../../../api/use-schema';
import { bySchema, record, textRecord, textSet } from '../kept';
import { DOUBLE, flag, INTEGER, json, MOMENT, NUMBER, serial, STRING, TEXT, word } from './columns';

/** Who is fitted: people, their visits, their feet as they were taken, and what they tried. */
export interface CustomerModel extends Model<InferAttributes<CustomerModel>, InferCreationAttributes<CustomerModel>> {
  id: CreationOptional<number>;
  name: string;
  born: number | null;
  work: string;
  story: string | null;
  fitsAs: FitsAs;
  flags: FlagId[];
  createdAt: Date;
  version: CreationOptional<number>;
  bornMonth: CreationOptional<number | null>;
  consentAt: CreationOptional<Date | null>;
  consentNote: CreationOptional<string | null>;
  /** When each purpose but fitting was agreed to. */
  consents: CreationOptional<KeptConsents>;
  /** Who agrees for a child. */
  guardian: CreationOptional<string | null>;
  erasedAt: CreationOptional<Date | null>;
}
export interface FittingModel extends Model<InferAttributes<FittingModel>, InferCreationAttributes<FittingModel>> {
  id: CreationOptional<number>;
  customerId: number;
  openedAt: Date;
  updatedAt: Date;
  purpose: string;
  kinds: KindId[];
  sockMm: CreationOptional<number>;
  insertMm: CreationOptional<number>;
  preference: CreationOptional<Preference>;
  ground: CreationOptional<GroundId | ''>;
  measuredAt: CreationOptional<string | null>;
  wornAt: CreationOptional<string | null>;
  breakIn: CreationOptional<BreakIn>;
  roomSchool: CreationOptional<RoomSchool>;
  betweenSchool: CreationOptional<BetweenSchool>;
  population: CreationOptional<PopulationId>;
  wearingNow: CreationOptional<string | null>;
  trouble: CreationOptional<string | null>;
  looked: Record<string, string>;
  note: CreationOptional<string | null>;
  version: CreationOptional<number>;
  feetVersion: CreationOptional<number>;
  measuredLoad: CreationOptional<Load>;
  measuredSockMm: CreationOptional<number>;
  measuredWarm: CreationOptional<boolean>;
  wornWarm: CreationOptional<boolean>;
  weightKg: CreationOptional<number | null>;
  feetWeightKg: CreationOptional<number | null>;
  stateOff: CreationOptional<StateStepId[]>;
  use: CreationOptional<UseAsked>;
  bouts: CreationOptional<Bout[]>;
}
export interface TryOnModel extends Model<InferAttributes<TryOnModel>, InferCreationAttributes<TryOnModel>> {
  id: CreationOptional<number>;
  fittingId: number;
  styleId: string;
  size: string;
  width: string;
  putIn: CreationOptional<TryRow['put']>;
  felt: TryRow['felt'];
  outcome: TryRow['outcome'];
  why: string | null;
  verdict: TryRow['verdict'];
  probability: number;
  said: string | null;
  engine: string;
  chair: CreationOptional<TryRow['chair']>;
  reason: CreationOptional<TryRow['reason']>;
  told: CreationOptional<TryRow['told']>;
  triedWith: CreationOptional<TryRow['triedWith']>;
  excluded: CreationOptional<TryRow['excluded']>;
  postId: CreationOptional<number | null>;
  version: CreationOptional<number>;
  createdAt: Date;
}
export interface OccasionModel extends Model<InferAttributes<OccasionModel>, InferCreationAttributes<OccasionModel>> {
  id: CreationOptional<number>;
  customerId: number;
  name: string;
  /** Null for one that cannot be read any more. */
  plan: OccasionBody | null;
  version: number;
  updatedAt: Date;
}
export interface CustomerWordModel extends Model<InferAttributes<CustomerWordModel>, InferCreationAttributes<CustomerWordModel>> {
  word: string;
  customerId: number;
  /** It stands in their story only. */
  ofHealth: boolean;
}
export interface ChangeModel extends Model<InferAttributes<ChangeModel>, InferCreationAttributes<ChangeModel>> {
  id: CreationOptional<number>;
  at: Date;
  byWhom: string;
  customerId: number | null;
  what: string;
  /** The column `changed`, whose name a model has for something else. */
  difference: Record<string, unknown>;
  /** Its entry in the record of deeds, and the salt of its hash there; null for changes from before there was one. */
  deedId: CreationOptional<number | null>;
  salt: CreationOptional<string | null>;
}

const loads = idOf(LOADS);
const NONE = { left: {}, right: {} };
const feltOf = (value: unknown): TryRow['felt'] => {
  const { left, right } = { ...NONE, ...record(value) };
  const known = (side: unknown) =>
    Object.fromEntries(
      Object.entries(textRecord(side)).flatMap(([zone, state]) => {
        const at = ZONE_IDS.find((z) => z === zone);
        const as = ZONE_STATES.find((s) => s === state);
        return at && as ? [[at, as]] : [];
      })
    );
  return { left: known(left), right: known(right) };
};

export const peopleTables = (sequelize: Sequelize) => ({
  Customer: sequelize.define<CustomerModel>(
    'Customer',
    {
      id: serial,
      name: STRING(120),
      born: INTEGER,
      work: STRING(200),
      story: TEXT,
      fitsAs: word('fitsAs', 6, FITS_AS, 'women'),
      flags: json('flags', (v) => textSet(v, FLAG_IDS)),
      createdAt: MOMENT,
      version: NUMBER,
      bornMonth: NUMBER,
      consentAt: MOMENT,
      consentNote: TEXT,
      consents: json('consents', (v) => bySchema(v, keptConsents, {})),
      guardian: STRING(120),
      erasedAt: MOMENT
    },
    { tableName: 'customers' }
  ),
  Fitting: sequelize.define<FittingModel>(
    'Fitting',
    {
      id: serial,
      customerId: NUMBER,
      openedAt: MOMENT,
      updatedAt: MOMENT,
      purpose: STRING(300),
      kinds: json('kinds', (v) => textSet(v, KIND_IDS)),
      sockMm: DOUBLE,
      insertMm: DOUBLE,
      preference: word('preference', 10, PREFERENCES, 'regular'),
      ground: word('ground', 20, ['', ...idOf(GROUNDS)], ''),
      measuredAt: STRING(10),
      wornAt: STRING(10),
      breakIn: word('breakIn', 6, idOf(BREAK_INS), 'now'),
      roomSchool: word('roomSchool', 8, idOf(ROOM_SCHOOLS), 'middle'),
      betweenSchool: word('betweenSchool', 14, idOf(BETWEEN_SCHOOLS), 'middle'),
      population: word('population', 12, idOf(POPULATIONS), 'general'),
      wearingNow: TEXT,
      trouble: TEXT,
      looked: json('looked', textRecord),
      note: TEXT,
      version: NUMBER,
      feetVersion: NUMBER,
      measuredLoad: word('measuredLoad', 8, loads, 'standing'),
      measuredSockMm: DOUBLE,
      measuredWarm: flag('measuredWarm'),
      wornWarm: flag('wornWarm'),
      weightKg: DOUBLE,
      feetWeightKg: DOUBLE,
      stateOff: json('stateOff', (v) => textSet(v, STATE_STEP_IDS)),
      bouts: json('bouts', (v) => bySchema(v, boutsSchema, [])),
      use: { ...json('use', (v) => bySchema(v, useAskedSchema, BLANK_USE_ASKED)), field: 'use_asked' }
    },
    { tableName: 'fittings' }
  ),
  TryOn: sequelize.define<TryOnModel>(
    'TryOn',
    {
      id: serial,
      fittingId: NUMBER,
      styleId: STRING(60),
      size: STRING(12),
      width: STRING(12),
      putIn: json('putIn', (v) => bySchema(v, pairPutSchema, {})),
      felt: json('felt', feltOf),
      outcome: word('outcome', 10, idOf(OUTCOMES), 'open'),
      why: TEXT,
      verdict: word('verdict', 16, VERDICTS, 'does-not-fit'),
      probability: DOUBLE,
      said: TEXT,
      engine: STRING(10),
      chair: json('chair', (v) => bySchema(v, chairSchema, BLANK_CHAIR)),
      reason: json('reason', (v) => bySchema(v, reasonSchema.nullable(), null)),
      told: json('told', (v) => bySchema(v, toldSchema.nullable(), null)),
      triedWith: json('triedWith', (v) => bySchema(v, triedWithSchema.nullable(), null)),
      excluded: json('excluded', (v) => bySchema(v, excludedSchema.nullable(), null)),
      postId: NUMBER,
      version: NUMBER,
      createdAt: MOMENT
    },
    { tableName: 'try_ons' }
  ),
  Occasion: sequelize.define<OccasionModel>(
    'Occasion',
    { id: serial, customerId: NUMBER, name: STRING(120), plan: json('plan', (v) => bySchema(v, occasionFields, null)), version: NUMBER, updatedAt: MOMENT },
    { tableName: 'occasions' }
  ),
  CustomerWord: sequelize.define<CustomerWordModel>(
    'CustomerWord',
    { word: { type: STRING(40), primaryKey: true }, customerId: { type: NUMBER, primaryKey: true }, ofHealth: flag('ofHealth') },
    { tableName: 'customer_words' }
  ),
  Change: sequelize.define<ChangeModel>(
    'Change',
    {
      id: serial,
      at: MOMENT,
      byWhom: STRING(60),
      customerId: NUMBER,
      what: STRING(40),
      difference: { ...json('difference', record), field: 'changed' },
      deedId: NUMBER,
      salt: STRING(32)
    },
    { tableName: 'change_log' }
  )
});
