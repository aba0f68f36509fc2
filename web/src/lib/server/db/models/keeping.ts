import { BLANK_TALLY, PAIR_STATES, type KeptPair, type PairState } from '@chiave/core/keep';
import type { CreationOptional, InferAttributes, InferCreationAttributes, Model, Sequelize } from 'sequelize';
import type { z } from 'zod';
import { appointmentFields, eventFields, keptPairBody, lookedFields, troubleFields, wishFields, type PairBody } from '../../../api/keep-schema';
import { ANSWER_KINDS, saidCardSchema, type AnswerKindId, type SaidCard } from '../../../api/said-schema';
import { idOf } from '../../../api/values';
import { bySchema, record } from '../kept';
import { json, MOMENT, NUMBER, serial, STRING, word } from './columns';

/** What the rules read of a pair, worked out when it is written. */
export type PairFacts = Omit<KeptPair, 'key' | 'name' | 'state'>;
/** Pairs of people’s own, and all that is kept after the sale. */
/** Of facts most say nothing: what is as here is not written. */
const BLANK_FACTS: Omit<PairFacts, 'kind'> = { uses: [], boughtOn: null, price: null, returnBy: null, orderedOn: null, expectedOn: null, habits: [], tally: BLANK_TALLY, life: null, leatherSole: null, tip: null, outgrownOn: null }; // prettier-ignore
const without = (value: object, blank: object): Record<string, unknown> =>
  Object.fromEntries(Object.entries(value).filter(([key, v]) => JSON.stringify(v) !== JSON.stringify((blank as Record<string, unknown>)[key])));
/** Facts as they are written: tens of thousands are read at once. */
export const packFacts = ({ tally, ...facts }: PairFacts): object => ({ ...without(facts, BLANK_FACTS), tally: without(tally, BLANK_TALLY) });
export const unpackFacts = (packed: Record<string, unknown>): PairFacts => ({ ...BLANK_FACTS, ...packed, tally: { ...BLANK_TALLY, ...(packed.tally as object) } }) as PairFacts; // prettier-ignore
export interface PairModel extends Model<InferAttributes<PairModel>, InferCreationAttributes<PairModel>> {
  id: CreationOptional<number>;
  customerId: number;
  tryId: CreationOptional<number | null>;
  styleId: string | null;
  name: string;
  state: PairState;
  /** Null for one that cannot be read any more. */
  body: PairBody | null;
  /** Written packed. */
  facts: CreationOptional<PairFacts | null>;
  version: number;
  updatedAt: Date;
}
export interface PairLifeModel extends Model<InferAttributes<PairLifeModel>, InferCreationAttributes<PairLifeModel>> {
  id: CreationOptional<number>;
  pairId: number;
  onDay: string;
  what: string;
  body: Record<string, unknown>;
  byWhom: string;
  createdAt: Date;
}
/** A row that hangs on a person, with a day and a body. */
export interface OfPersonModel<B> extends Model<InferAttributes<OfPersonModel<B>>, InferCreationAttributes<OfPersonModel<B>>> {
  id: CreationOptional<number>;
  customerId: number;
  onDay: string | null;
  body: B | null;
  byWhom: string;
  version: number;
  createdAt: Date;
}
export interface DueAnswerModel extends Model<InferAttributes<DueAnswerModel>, InferCreationAttributes<DueAnswerModel>> {
  id: CreationOptional<number>;
  customerId: number;
  rule: string;
  subject: string;
  anchor: string;
  answer: string;
  onDay: string;
  untilDay: string | null;
  note: string;
  byWhom: string;
  createdAt: Date;
}
/** When something of a person is told next, so that Today need not go through everybody. */
export interface DuePersonModel extends Model<InferAttributes<DuePersonModel>, InferCreationAttributes<DuePersonModel>> {
  customerId: number;
  nextOn: string;
  sortOn: string;
  /** How often the person was written to since the list was worked out. */
  stale: number;
}
export interface SaidAnswerModel extends Model<InferAttributes<SaidAnswerModel>, InferCreationAttributes<SaidAnswerModel>> {
  id: CreationOptional<number>;
  customerId: number | null;
  askedBy: string;
  kind: AnswerKindId;
  question: string;
  card: SaidCard | null;
  engine: string;
  byWhom: string;
  said: CreationOptional<number>;
  saidAt: Date;
  createdAt: Date;
}
export interface CalendarFeedModel extends Model<InferAttributes<CalendarFeedModel>, InferCreationAttributes<CalendarFeedModel>> {
  id: CreationOptional<number>;
  token: string;
  name: string;
  names: 'initials' | 'full';
  byWhom: string;
  readAt: CreationOptional<Date | null>;
  createdAt: Date;
}

const ofPerson = <S extends z.ZodType>(sequelize: Sequelize, name: string, tableName: string, schema: S) =>
  sequelize.define<OfPersonModel<z.output<S>>>(
    name,
    { id: serial, customerId: NUMBER, onDay: STRING(10), body: json('body', (v) => bySchema(v, schema, null)), byWhom: STRING(60), version: NUMBER, createdAt: MOMENT } as never, // prettier-ignore
    { tableName }
  );

export const keepingTables = (sequelize: Sequelize) => ({
  Pair: sequelize.define<PairModel>(
    'Pair',
    {
      id: serial,
      customerId: NUMBER,
      tryId: NUMBER,
      styleId: STRING(60),
      name: STRING(120),
      state: word('state', 10, idOf(PAIR_STATES), 'owned'),
      body: json('body', (v) => bySchema(v, keptPairBody, null)),
      facts: {
        ...json('facts', (v) => (v === null || v === undefined ? null : unpackFacts(record(v)))),
        set(this: Model, facts: PairFacts) {
          this.setDataValue('facts' as never, packFacts(facts) as never);
        }
      },
      version: NUMBER,
      updatedAt: MOMENT
    },
    { tableName: 'pairs' }
  ),
  PairLife: sequelize.define<PairLifeModel>(
    'PairLife',
    { id: serial, pairId: NUMBER, onDay: STRING(10), what: STRING(12), body: json('body', record), byWhom: STRING(60), createdAt: MOMENT },
    { tableName: 'pair_life' }
  ),
  EventAhead: ofPerson(sequelize, 'EventAhead', 'events_ahead', eventFields),
  Appointment: ofPerson(sequelize, 'Appointment', 'appointments', appointmentFields),
  Wish: ofPerson(sequelize, 'Wish', 'wishes', wishFields),
  Trouble: ofPerson(sequelize, 'Trouble', 'troubles', troubleFields),
  FeetLooked: ofPerson(sequelize, 'FeetLooked', 'feet_looked', lookedFields),
  DueAnswer: sequelize.define<DueAnswerModel>(
    'DueAnswer',
    { id: serial, customerId: NUMBER, rule: STRING(24), subject: STRING(60), anchor: STRING(10), answer: STRING(12), onDay: STRING(10), untilDay: STRING(10), note: STRING(300), byWhom: STRING(60), createdAt: MOMENT }, // prettier-ignore
    { tableName: 'due_answers' }
  ),
  DuePerson: sequelize.define<DuePersonModel>(
    'DuePerson',
    { customerId: { type: NUMBER, primaryKey: true }, nextOn: STRING(10), sortOn: STRING(10), stale: NUMBER },
    { tableName: 'due_people' }
  ),
  SaidAnswer: sequelize.define<SaidAnswerModel>(
    'SaidAnswer',
    {
      id: serial,
      customerId: NUMBER,
      askedBy: STRING(120),
      kind: word('kind', 16, idOf(ANSWER_KINDS), 'size'),
      question: STRING(160),
      card: json('card', (v) => bySchema(v, saidCardSchema, null)),
      engine: STRING(10),
      byWhom: STRING(60),
      said: NUMBER,
      saidAt: MOMENT,
      createdAt: MOMENT
    },
    { tableName: 'said_answers' }
  ),
  CalendarFeed: sequelize.define<CalendarFeedModel>(
    'CalendarFeed',
    {
      id: serial,
      token: STRING(64),
      name: STRING(80),
      names: word('names', 8, ['initials', 'full'], 'initials'),
      byWhom: STRING(60),
      readAt: MOMENT,
      createdAt: MOMENT
    },
    { tableName: 'calendar_feeds' }
  )
});
