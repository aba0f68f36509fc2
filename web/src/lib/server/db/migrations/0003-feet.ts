import { DataTypes } from 'sequelize';
import type { Steps } from '../steps';

const { STRING, TEXT, INTEGER, DOUBLE, BOOLEAN, JSON: JSON_TYPE, DATE } = DataTypes;
const flag = { type: BOOLEAN, allowNull: false, defaultValue: false };
const counter = { type: INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 };

type Columns = Record<string, Parameters<Steps['addColumn']>[2]>;
/** What each table gains. */
const GAINED: Readonly<Record<string, Columns>> = {
  foot_measures: {
    taken_at: { type: DATE(3) },
    taken_by: { type: STRING(60), allowNull: false, defaultValue: '' },
    under: { type: STRING(8), allowNull: false, defaultValue: 'standing' },
    sock_mm: { type: DOUBLE, allowNull: false, defaultValue: 0 },
    sd: { type: DOUBLE },
    readings: { type: JSON_TYPE }
  },
  foot_features: { posture: { type: JSON_TYPE }, print: { type: JSON_TYPE } },
  fittings: {
    version: counter,
    feet_version: counter,
    measured_load: { type: STRING(8), allowNull: false, defaultValue: 'standing' },
    measured_sock_mm: { type: DOUBLE, allowNull: false, defaultValue: 0 },
    measured_warm: flag,
    worn_warm: flag,
    weight_kg: { type: DOUBLE },
    feet_weight_kg: { type: DOUBLE },
    state_off: { type: JSON_TYPE }
  },
  customers: {
    version: counter,
    born_month: { type: INTEGER.UNSIGNED },
    consent_at: { type: DATE(3) },
    consent_note: { type: TEXT },
    erased_at: { type: DATE(3) }
  }
};

/** Every measure with how it was taken; the state the foot was in; tracings; consent, versions, and who changed what. */
export async function up(s: Steps): Promise<void> {
  for (const [table, columns] of Object.entries(GAINED)) for (const [name, column] of Object.entries(columns)) await s.addColumn(table, name, column);
  await s.createTable('tracings', {
    id: { type: INTEGER.UNSIGNED, primaryKey: true, autoIncrement: true },
    fitting_id: { type: INTEGER.UNSIGNED, allowNull: false, references: { model: 'fittings', key: 'id' }, onDelete: 'CASCADE', onUpdate: 'CASCADE' },
    side: { type: STRING(5), allowNull: false },
    outline: { type: JSON_TYPE, allowNull: false },
    source: { type: STRING(20), allowNull: false },
    length_sd_mm: { type: DOUBLE, allowNull: false },
    width_sd_mm: { type: DOUBLE, allowNull: false },
    created_at: { type: DATE(3), allowNull: false }
  });
  await s.addIndex('tracings', ['fitting_id']);
  await s.createTable('change_log', {
    id: { type: INTEGER.UNSIGNED, primaryKey: true, autoIncrement: true },
    at: { type: DATE(3), allowNull: false },
    by_whom: { type: STRING(60), allowNull: false },
    customer_id: { type: INTEGER.UNSIGNED, references: { model: 'customers', key: 'id' }, onDelete: 'CASCADE', onUpdate: 'CASCADE' },
    what: { type: STRING(40), allowNull: false },
    changed: { type: JSON_TYPE, allowNull: false }
  });
  await s.addIndex('change_log', ['customer_id', 'at']);
}

export async function down(s: Steps): Promise<void> {
  for (const table of ['change_log', 'tracings']) await s.dropTable(table);
  for (const [table, columns] of Object.entries(GAINED)) for (const name of Object.keys(columns)) await s.removeColumn(table, name);
}
