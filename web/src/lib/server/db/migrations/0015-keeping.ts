import { DataTypes } from 'sequelize';
import type { Steps } from '../steps';

const { STRING, INTEGER, JSON, DATE } = DataTypes;
const NUMBER = INTEGER.UNSIGNED;
const serial = { type: NUMBER, autoIncrement: true, primaryKey: true };
const customers = { references: { model: 'customers', key: 'id' }, onDelete: 'CASCADE', onUpdate: 'CASCADE' };
const person = { type: NUMBER, allowNull: false, ...customers };
const moment = { type: DATE(3), allowNull: false };
const day = { type: STRING(10), allowNull: true };
const count = { type: NUMBER, allowNull: false, defaultValue: 0 };
/** What hangs on a person with a day and a body. */
const OF_A_PERSON = ['events_ahead', 'wishes', 'troubles', 'feet_looked', 'appointments'];

/**
 * Pairs of people’s own with their life lines, what was answered to what is due, events, wishes, troubles and looks at the feet; answers
 * that were sent; addresses of calendars. A kept try becomes a pair, with the hours that were noted with it.
 */
export async function up(s: Steps): Promise<void> {
  await s.createTable('pairs', {
    id: serial,
    customer_id: person,
    try_id: { type: NUMBER, allowNull: true, unique: true },
    style_id: { type: STRING(60), allowNull: true },
    name: { type: STRING(120), allowNull: false },
    state: { type: STRING(10), allowNull: false },
    body: { type: JSON, allowNull: false },
    facts: { type: JSON, allowNull: true },
    version: count,
    updated_at: moment
  });
  // One look at this index tells whether any pair has changed.
  await s.addIndex('pairs', ['version']);
  await s.createTable('pair_life', {
    id: serial,
    pair_id: { type: NUMBER, allowNull: false, references: { model: 'pairs', key: 'id' }, onDelete: 'CASCADE', onUpdate: 'CASCADE' },
    on_day: { ...day, allowNull: false },
    what: { type: STRING(12), allowNull: false },
    body: { type: JSON, allowNull: false },
    by_whom: { type: STRING(60), allowNull: false },
    created_at: moment
  });
  for (const table of OF_A_PERSON)
    await s.createTable(table, { id: serial, customer_id: person, on_day: day, body: { type: JSON, allowNull: false }, by_whom: { type: STRING(60), allowNull: false }, version: count, created_at: moment }); // prettier-ignore
  await s.addIndex('appointments', ['on_day']);
  await s.createTable('due_answers', {
    id: serial,
    customer_id: person,
    rule: { type: STRING(24), allowNull: false },
    subject: { type: STRING(60), allowNull: false },
    anchor: { ...day, allowNull: false },
    answer: { type: STRING(12), allowNull: false },
    on_day: { ...day, allowNull: false },
    until_day: day,
    note: { type: STRING(300), allowNull: false, defaultValue: '' },
    by_whom: { type: STRING(60), allowNull: false },
    created_at: moment
  });
  await s.createTable('due_people', {
    customer_id: { ...person, primaryKey: true },
    next_on: { ...day, allowNull: false },
    sort_on: { ...day, allowNull: false },
    stale: { ...count, defaultValue: 1 }
  });
  await s.addIndex('due_people', ['sort_on']);
  await s.createTable('said_answers', {
    id: serial,
    customer_id: { type: NUMBER, allowNull: true, ...customers },
    asked_by: { type: STRING(120), allowNull: false, defaultValue: '' },
    kind: { type: STRING(16), allowNull: false },
    question: { type: STRING(160), allowNull: false },
    card: { type: JSON, allowNull: false },
    engine: { type: STRING(10), allowNull: false },
    by_whom: { type: STRING(60), allowNull: false },
    said: { ...count, defaultValue: 1 },
    said_at: moment,
    created_at: moment
  });
  await s.addIndex('said_answers', ['question']);
  // Today asks for what is new: who came, what runs, what came back.
  await s.addIndex('fittings', ['updated_at']);
  await s.addIndex('fittings', ['opened_at']);
  await s.createTable('calendar_feeds', {
    id: serial,
    token: { type: STRING(64), allowNull: false, unique: true },
    name: { type: STRING(80), allowNull: false },
    names: { type: STRING(8), allowNull: false },
    by_whom: { type: STRING(60), allowNull: false },
    read_at: { type: DATE(3), allowNull: true },
    created_at: moment
  });
  // Its column goes at the end: it must be there where all this runs again.
  await s.addColumn('try_ons', 'worn', { type: JSON, allowNull: true });
  // A kept try is a pair now; a label alone has no kind, so that what has left the stockroom is taken for an everyday shoe.
  await s.changeRows(
    `INSERT IGNORE INTO pairs (customer_id, try_id, style_id, name, state, body, facts, version, updated_at)
     SELECT f.customer_id, t.id, t.style_id, COALESCE(s.name, t.style_id), 'owned',
       JSON_OBJECT('name', COALESCE(s.name, t.style_id), 'styleId', s.id, 'kind', COALESCE(s.kind, 'sneaker'), 'upper', COALESCE(s.upper, 'smooth-leather'),
         'size', t.size, 'width', t.width, 'boughtOn', DATE_FORMAT(f.opened_at, '%Y-%m-%d'), 'colour', COALESCE(JSON_VALUE(s.details, '$.colour'), ''),
         'looks', COALESCE(IF(JSON_VALID(t.worn), JSON_VALUE(t.worn, '$.looks'), NULL), 'new')), NULL, 0, NOW(3)
     FROM try_ons t JOIN fittings f ON f.id = t.fitting_id JOIN customers c ON c.id = f.customer_id LEFT JOIN styles s ON s.id = t.style_id
     WHERE t.outcome = 'kept' AND c.erased_at IS NULL`
  );
  await s.changeRows(
    `INSERT INTO pair_life (pair_id, on_day, what, body, by_whom, created_at)
     SELECT p.id, DATE_FORMAT(p.updated_at, '%Y-%m-%d'), 'worn', JSON_OBJECT('amount', LEAST(2000, JSON_VALUE(t.worn, '$.hours') + 0), 'unit', 'hours', 'note', 'noted before pairs had a line'), '', NOW(3)
     FROM pairs p JOIN try_ons t ON t.id = p.try_id
     WHERE JSON_VALID(t.worn) AND JSON_VALUE(t.worn, '$.hours') > 0 AND NOT EXISTS (SELECT 1 FROM pair_life l WHERE l.pair_id = p.id)`
  );
  await s.changeRows(`INSERT IGNORE INTO due_people (customer_id, next_on, sort_on, stale) SELECT id, '', '', 1 FROM customers WHERE erased_at IS NULL`);
  await s.removeColumn('try_ons', 'worn');
}

export async function down(s: Steps): Promise<void> {
  await s.addColumn('try_ons', 'worn', { type: JSON, allowNull: true });
  for (const column of ['updated_at', 'opened_at']) await s.removeIndex('fittings', [column]);
  for (const table of ['calendar_feeds', 'said_answers', 'due_people', 'due_answers', ...OF_A_PERSON, 'pair_life', 'pairs']) await s.dropTable(table);
}
