import { DataTypes } from 'sequelize';
import type { Steps } from '../steps';

const { STRING, INTEGER, BIGINT, JSON, DATE, BOOLEAN, TEXT } = DataTypes;
const NUMBER = INTEGER.UNSIGNED;
const serial = { type: NUMBER, autoIncrement: true, primaryKey: true };
const moment = { type: DATE(3), allowNull: false };
const maybe = { type: DATE(3), allowNull: true };
const text = (length: number) => ({ type: STRING(length), allowNull: false, defaultValue: '' });
const ofAccount = { type: NUMBER, allowNull: false, references: { model: 'accounts', key: 'id' }, onDelete: 'CASCADE', onUpdate: 'CASCADE' };

/** Accounts, sessions, tokens, counted tries, proposals, and the chain of who did what. */
export async function up(s: Steps): Promise<void> {
  await s.createTable('accounts', {
    id: serial,
    // As it is compared: in small letters. An account that was closed keeps its name, so that the record stays true.
    login: { type: STRING(60), allowNull: false, unique: true },
    name: { type: STRING(60), allowNull: false },
    role: { type: STRING(12), allowNull: false },
    password: { type: STRING(160), allowNull: false },
    pin: { type: STRING(160), allowNull: true },
    second: { type: STRING(300), allowNull: true },
    second_on: { type: BOOLEAN, allowNull: false, defaultValue: false },
    second_step: { type: NUMBER, allowNull: false, defaultValue: 0 },
    recovery: { type: JSON, allowNull: false },
    version: { type: NUMBER, allowNull: false, defaultValue: 0 },
    created_at: moment,
    closed_at: maybe
  });
  await s.createTable('sessions', {
    id: serial,
    account_id: ofAccount,
    token: { type: STRING(64), allowNull: false, unique: true },
    // The one before it holds a moment longer: requests under way still carry it.
    token_before: { type: STRING(64), allowNull: true, unique: true },
    before_until: maybe,
    way: { type: STRING(10), allowNull: false },
    shop_day: { type: BOOLEAN, allowNull: false, defaultValue: false },
    device: text(120),
    address: text(64),
    began_at: moment,
    rotated_at: moment,
    seen_at: moment,
    ends_at: moment
  });
  await s.addIndex('sessions', ['ends_at']);
  await s.createTable('api_tokens', {
    id: serial,
    account_id: ofAccount,
    name: { type: STRING(80), allowNull: false },
    token: { type: STRING(64), allowNull: false, unique: true },
    scopes: { type: JSON, allowNull: false },
    created_at: moment,
    expires_at: moment,
    used_at: maybe
  });
  await s.createTable('door_tries', {
    key: { type: STRING(120), primaryKey: true },
    points: { type: INTEGER, allowNull: false },
    expire: { type: BIGINT, allowNull: true }
  });
  await s.createTable('proposals', {
    id: serial,
    account_id: ofAccount,
    method: { type: STRING(8), allowNull: false },
    path: { type: STRING(200), allowNull: false },
    what: { type: STRING(160), allowNull: false },
    body: { type: TEXT('medium'), allowNull: false },
    why: text(500),
    created_at: moment,
    answer: text(12),
    answered_by: text(60),
    answered_at: maybe
  });
  await s.createTable('deeds', {
    id: serial,
    at: moment,
    account_id: { type: NUMBER, allowNull: true },
    by_whom: text(60),
    what: { type: STRING(200), allowNull: false },
    subject: text(200),
    customer_id: { type: NUMBER, allowNull: true },
    // Salted: what it was made of can be erased, and cannot be guessed from it.
    content: { type: STRING(64), allowNull: true },
    before: { type: STRING(64), allowNull: false },
    hash: { type: STRING(64), allowNull: false }
  });
  await s.createTable('deeds_end', {
    id: { type: NUMBER, primaryKey: true },
    deeds: { type: NUMBER, allowNull: false },
    hash: { type: STRING(64), allowNull: false }
  });
  await s.addRows('deeds_end', [{ id: 1, deeds: 0, hash: '' }]);
  await s.addColumn('customers', 'consents', { type: JSON, allowNull: true });
  await s.addColumn('customers', 'guardian', { type: STRING(120), allowNull: true });
  await s.addColumn('change_log', 'deed_id', { type: NUMBER, allowNull: true });
  await s.addColumn('change_log', 'salt', { type: STRING(32), allowNull: true });
}

export async function down(s: Steps): Promise<void> {
  for (const column of ['guardian', 'consents']) await s.removeColumn('customers', column);
  for (const column of ['salt', 'deed_id']) await s.removeColumn('change_log', column);
  for (const table of ['deeds_end', 'deeds', 'proposals', 'door_tries', 'api_tokens', 'sessions', 'accounts']) await s.dropTable(table);
}
