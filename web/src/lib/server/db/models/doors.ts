import type { CreationOptional, InferAttributes, InferCreationAttributes, Model, Sequelize } from 'sequelize';
import { ROLE_IDS, SCOPE_IDS, type NeedId, type RoleId } from '../../../roles';
import { textSet } from '../kept';
import { DOUBLE, flag, json, MOMENT, NUMBER, serial, STRING, TEXT, word } from './columns';

/** Who comes in, and who did what. */
export interface AccountModel extends Model<InferAttributes<AccountModel>, InferCreationAttributes<AccountModel>> {
  id: CreationOptional<number>;
  login: string;
  name: string;
  role: RoleId;
  password: string;
  pin: CreationOptional<string | null>;
  /** The second factor’s secret, sealed; not in use before `secondOn`. */
  second: CreationOptional<string | null>;
  secondOn: CreationOptional<boolean>;
  /** The last step of half a minute whose code was taken: no code counts twice. */
  secondStep: CreationOptional<number>;
  /** Hashes of recovery codes that are left. */
  recovery: CreationOptional<string[]>;
  version: CreationOptional<number>;
  createdAt: Date;
  closedAt: CreationOptional<Date | null>;
}
export interface SessionModel extends Model<InferAttributes<SessionModel>, InferCreationAttributes<SessionModel>> {
  id: CreationOptional<number>;
  accountId: number;
  token: string;
  tokenBefore: CreationOptional<string | null>;
  beforeUntil: CreationOptional<Date | null>;
  way: string;
  shopDay: boolean;
  device: string;
  address: string;
  beganAt: Date;
  rotatedAt: Date;
  seenAt: Date;
  endsAt: Date;
}
export interface ApiTokenModel extends Model<InferAttributes<ApiTokenModel>, InferCreationAttributes<ApiTokenModel>> {
  id: CreationOptional<number>;
  accountId: number;
  name: string;
  token: string;
  scopes: NeedId[];
  createdAt: Date;
  expiresAt: Date;
  usedAt: CreationOptional<Date | null>;
}
export interface ProposalModel extends Model<InferAttributes<ProposalModel>, InferCreationAttributes<ProposalModel>> {
  id: CreationOptional<number>;
  accountId: number;
  method: string;
  path: string;
  what: string;
  body: string;
  why: string;
  createdAt: Date;
  answer: CreationOptional<string>;
  answeredBy: CreationOptional<string>;
  answeredAt: CreationOptional<Date | null>;
}
export interface DeedModel extends Model<InferAttributes<DeedModel>, InferCreationAttributes<DeedModel>> {
  id: CreationOptional<number>;
  at: Date;
  accountId: number | null;
  byWhom: string;
  what: string;
  subject: string;
  customerId: number | null;
  content: string | null;
  before: string;
  hash: string;
}
export interface DeedsEndModel extends Model<InferAttributes<DeedsEndModel>, InferCreationAttributes<DeedsEndModel>> {
  id: number;
  deeds: number;
  hash: string;
}
export const doorTables = (sequelize: Sequelize) => ({
  Account: sequelize.define<AccountModel>(
    'Account',
    {
      id: serial,
      login: STRING(60),
      name: STRING(60),
      role: word('role', 12, ROLE_IDS, 'reader'),
      password: STRING(160),
      pin: STRING(160),
      second: STRING(300),
      secondOn: flag('secondOn'),
      secondStep: NUMBER,
      recovery: json('recovery', (v) => textSet(v)),
      version: NUMBER,
      createdAt: MOMENT,
      closedAt: MOMENT
    },
    { tableName: 'accounts' }
  ),
  Session: sequelize.define<SessionModel>(
    'Session',
    {
      id: serial,
      accountId: NUMBER,
      token: STRING(64),
      tokenBefore: STRING(64),
      beforeUntil: MOMENT,
      way: STRING(10),
      shopDay: flag('shopDay'),
      device: STRING(120),
      address: STRING(64),
      beganAt: MOMENT,
      rotatedAt: MOMENT,
      seenAt: MOMENT,
      endsAt: MOMENT
    },
    { tableName: 'sessions' }
  ),
  ApiToken: sequelize.define<ApiTokenModel>(
    'ApiToken',
    {
      id: serial,
      accountId: NUMBER,
      name: STRING(80),
      token: STRING(64),
      scopes: json('scopes', (v) => textSet<NeedId>(v, SCOPE_IDS)),
      createdAt: MOMENT,
      expiresAt: MOMENT,
      usedAt: MOMENT
    },
    { tableName: 'api_tokens' }
  ),
  /** Kept by the package that counts tries. */
  DoorTry: sequelize.define('DoorTry', { key: { type: STRING(120), primaryKey: true }, points: NUMBER, expire: DOUBLE }, { tableName: 'door_tries' }),
  Proposal: sequelize.define<ProposalModel>(
    'Proposal',
    {
      id: serial,
      accountId: NUMBER,
      method: STRING(8),
      path: STRING(200),
      what: STRING(160),
      body: TEXT('medium'),
      why: STRING(500),
      createdAt: MOMENT,
      answer: STRING(12),
      answeredBy: STRING(60),
      answeredAt: MOMENT
    },
    { tableName: 'proposals' }
  ),
  Deed: sequelize.define<DeedModel>(
    'Deed',
    {
      id: serial,
      at: MOMENT,
      accountId: NUMBER,
      byWhom: STRING(60),
      what: STRING(200),
      subject: STRING(200),
      customerId: NUMBER,
      content: STRING(64),
      before: STRING(64),
      hash: STRING(64)
    },
    { tableName: 'deeds' }
  ),
  DeedsEnd: sequelize.define<DeedsEndModel>('DeedsEnd', { id: { type: NUMBER, primaryKey: true }, deeds: NUMBER, hash: STRING(64) }, { tableName: 'deeds_end' })
});
