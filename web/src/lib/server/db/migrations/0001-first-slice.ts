import { DataTypes } from 'sequelize';
import type { Steps } from '../steps';

const { STRING, TEXT, INTEGER, DOUBLE, JSON: JSON_TYPE, DATE } = DataTypes;

const name = { type: STRING(120), allowNull: false };
const number = { type: DOUBLE, allowNull: false };
const key = { type: STRING(60), primaryKey: true };
const serial = { type: INTEGER.UNSIGNED, primaryKey: true, autoIncrement: true };
const text = (length: number): { type: ReturnType<typeof STRING>; allowNull: false } => ({ type: STRING(length), allowNull: false });
const points = (table: string, type: ReturnType<typeof STRING> | typeof INTEGER.UNSIGNED, onDelete: 'CASCADE' | 'RESTRICT', primaryKey = false) => ({
  type,
  allowNull: false,
  primaryKey,
  references: { model: table, key: 'id' },
  onDelete,
  onUpdate: 'CASCADE'
});

/** What the shop keeps: makers, lasts, styles and stock; customers, fittings, their feet, and what was tried. */
export async function up(s: Steps): Promise<void> {
  await s.createTable('makers', { id: key, name, note: { type: TEXT }, letters: { type: JSON_TYPE, allowNull: false } });
  await s.createTable('lasts', {
    id: key,
    maker_id: points('makers', STRING(60), 'RESTRICT'),
    name,
    family: text(20),
    definition: { type: JSON_TYPE, allowNull: false }
  });
  await s.createTable('styles', {
    id: key,
    maker_id: points('makers', STRING(60), 'RESTRICT'),
    last_id: points('lasts', STRING(60), 'RESTRICT'),
    name,
    kind: text(20),
    for_whom: text(10),
    scale: text(12),
    school: text(20),
    step: number,
    size_from: number,
    size_to: number,
    widths: { type: JSON_TYPE, allowNull: false },
    upper: text(20),
    closure: text(12),
    sole_stiffness: number,
    heel_height_mm: number,
    platform_mm: number,
    removable_insole_mm: number,
    toe_structure: text(12)
  });
  await s.createTable('stock', {
    style_id: points('styles', STRING(60), 'CASCADE', true),
    size: { type: STRING(12), primaryKey: true },
    width: { type: STRING(12), primaryKey: true },
    count: { type: INTEGER, allowNull: false }
  });
  await s.createTable('customers', {
    id: serial,
    name,
    born: { type: INTEGER },
    work: { type: STRING(200), allowNull: false, defaultValue: '' },
    story: { type: TEXT },
    fits_as: text(6),
    flags: { type: JSON_TYPE, allowNull: false },
    created_at: { type: DATE(3), allowNull: false }
  });
  await s.createTable('fittings', {
    id: serial,
    customer_id: points('customers', INTEGER.UNSIGNED, 'CASCADE'),
    opened_at: { type: DATE(3), allowNull: false },
    updated_at: { type: DATE(3), allowNull: false },
    purpose: { type: STRING(300), allowNull: false, defaultValue: '' },
    kinds: { type: JSON_TYPE, allowNull: false },
    sock_mm: { ...number, defaultValue: 0 },
    insert_mm: { ...number, defaultValue: 0 },
    preference: { ...text(10), defaultValue: 'regular' },
    measured_at: { type: STRING(10) },
    worn_at: { type: STRING(10) },
    break_in: { ...text(6), defaultValue: 'now' },
    population: { ...text(12), defaultValue: 'general' },
    wearing_now: { type: TEXT },
    trouble: { type: TEXT },
    looked: { type: JSON_TYPE, allowNull: false },
    note: { type: TEXT }
  });
  await s.createTable('foot_measures', {
    fitting_id: points('fittings', INTEGER.UNSIGNED, 'CASCADE', true),
    side: { type: STRING(5), primaryKey: true },
    field: { type: STRING(24), primaryKey: true },
    mm: number,
    how: text(8),
    typed: text(40)
  });
  await s.createTable('foot_features', {
    fitting_id: points('fittings', INTEGER.UNSIGNED, 'CASCADE', true),
    side: { type: STRING(5), primaryKey: true },
    toe_shape: { type: STRING(10) },
    arch_type: { type: STRING(8) },
    bunion_mm: { type: DOUBLE },
    hammer_toe_mm: { type: DOUBLE },
    ankle_reach_deg: { type: DOUBLE }
  });
  await s.createTable('try_ons', {
    id: serial,
    fitting_id: points('fittings', INTEGER.UNSIGNED, 'CASCADE'),
    style_id: points('styles', STRING(60), 'RESTRICT'),
    size: text(12),
    width: text(12),
    felt: { type: JSON_TYPE, allowNull: false },
    outcome: text(10),
    why: { type: TEXT },
    verdict: text(16),
    probability: number,
    said: { type: TEXT },
    engine: text(10),
    created_at: { type: DATE(3), allowNull: false }
  });
  await s.addIndex('fittings', ['customer_id', 'opened_at']);
}

export async function down(s: Steps): Promise<void> {
  for (const table of ['try_ons', 'foot_features', 'foot_measures', 'fittings', 'customers', 'stock', 'styles', 'lasts', 'makers']) {
    await s.dropTable(table);
  }
}
