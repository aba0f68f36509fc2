import { DataTypes } from 'sequelize';
import type { Steps } from '../steps';

const { STRING, TEXT, INTEGER, DOUBLE, JSON: JSON_TYPE, DATE } = DataTypes;

/** What the shop keeps of sizes: how its rule is laid out, and what is known of how each last runs. */
export async function up(s: Steps): Promise<void> {
  await s.createTable('shop_settings', { name: { type: STRING(40), primaryKey: true }, value: { type: JSON_TYPE, allowNull: false } });
  await s.createTable('habit_reports', {
    id: { type: INTEGER.UNSIGNED, primaryKey: true, autoIncrement: true },
    last_id: { type: STRING(60), allowNull: false, references: { model: 'lasts', key: 'id' }, onDelete: 'CASCADE', onUpdate: 'CASCADE' },
    evidence: { type: STRING(12), allowNull: false },
    offset_sizes: { type: DOUBLE, allowNull: false },
    variant: { type: STRING(80), allowNull: false, defaultValue: '' },
    made_year: { type: INTEGER },
    note: { type: TEXT },
    created_at: { type: DATE(3), allowNull: false }
  });
  await s.addIndex('habit_reports', ['last_id']);
  await s.createTable('maker_scales', {
    id: { type: INTEGER.UNSIGNED, primaryKey: true, autoIncrement: true },
    maker_id: { type: STRING(60), allowNull: false, references: { model: 'makers', key: 'id' }, onDelete: 'CASCADE', onUpdate: 'CASCADE' },
    definition: { type: JSON_TYPE, allowNull: false }
  });
}

export async function down(s: Steps): Promise<void> {
  for (const table of ['maker_scales', 'habit_reports', 'shop_settings']) await s.dropTable(table);
}
