import { DataTypes } from 'sequelize';
import type { Steps } from '../steps';

const { STRING, INTEGER, DOUBLE, JSON, DATE } = DataTypes;
const serial = { type: INTEGER.UNSIGNED, autoIncrement: true, primaryKey: true };
const person = {
  type: INTEGER.UNSIGNED,
  allowNull: false,
  references: { model: 'customers', key: 'id' },
  onDelete: 'CASCADE',
  onUpdate: 'CASCADE'
};
const moment = { type: DATE(3), allowNull: false };
const count = { type: INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 };
/** What a try keeps beside its words, so that all can be learned anew. */
const OF_A_TRY = ['chair', 'reason', 'told', 'tried_with', 'excluded'];

/**
 * The protocol at the chair and its timers, eliminations, why pairs were left, what was expected zone by zone and with what they were
 * tried; pairs sent by post; shoes people know; what the shop answered to what it learned; every version of a last.
 */
export async function up(s: Steps): Promise<void> {
  for (const name of OF_A_TRY) await s.addColumn('try_ons', name, { type: JSON, allowNull: true });
  await s.addColumn('try_ons', 'post_id', { type: INTEGER.UNSIGNED, allowNull: true });
  await s.addColumn('fittings', 'bouts', { type: JSON, allowNull: true });
  await s.createTable('posts', {
    id: serial,
    customer_id: person,
    fitting_id: { type: INTEGER.UNSIGNED, allowNull: false, references: { model: 'fittings', key: 'id' }, onDelete: 'CASCADE', onUpdate: 'CASCADE' },
    sent_on: { type: STRING(10), allowNull: false },
    due_on: { type: STRING(10), allowNull: true },
    chance: { type: DOUBLE, allowNull: true },
    costs: { type: JSON, allowNull: false },
    check_words: { type: STRING(600), allowNull: false, defaultValue: '' },
    closed_on: { type: STRING(10), allowNull: true },
    by_whom: { type: STRING(60), allowNull: false },
    version: count,
    created_at: moment
  });
  await s.createTable('known_shoes', { id: serial, customer_id: person, shoe: { type: JSON, allowNull: false }, created_at: moment });
  await s.createTable('learned_answers', {
    id: serial,
    subject: { type: STRING(4), allowNull: false },
    subject_id: { type: STRING(60), allowNull: false },
    channel: { type: STRING(10), allowNull: false },
    answer: { type: STRING(10), allowNull: false },
    mm: { type: DOUBLE, allowNull: false },
    sd_mm: { type: DOUBLE, allowNull: false },
    people: count,
    words: count,
    engine: { type: STRING(10), allowNull: false },
    by_whom: { type: STRING(60), allowNull: false },
    created_at: moment
  });
  await s.createTable('last_versions', {
    id: serial,
    last_id: { type: STRING(60), allowNull: false },
    version: count,
    definition: { type: JSON, allowNull: false },
    created_at: moment
  });
  await s.addIndex('last_versions', ['last_id']);
  await s.addIndex('try_ons', ['post_id']);
}

export async function down(s: Steps): Promise<void> {
  await s.removeIndex('try_ons', ['post_id']);
  for (const name of [...OF_A_TRY, 'post_id']) await s.removeColumn('try_ons', name);
  await s.removeColumn('fittings', 'bouts');
  for (const table of ['posts', 'known_shoes', 'learned_answers', 'last_versions']) await s.dropTable(table);
}
