import { DataTypes, type QueryInterface } from 'sequelize';

const { STRING, TEXT, INTEGER, DOUBLE, JSON: JSON_TYPE, DATE } = DataTypes;
const OPTIONS = { engine: 'InnoDB', charset: 'utf8mb4', collate: 'utf8mb4_unicode_ci' };

/** What the shop keeps of sizes: how its rule is laid out, and what is known of how each last runs. */
export async function up(q: QueryInterface): Promise<void> {
  await q.createTable('shop_settings', { name: { type: STRING(40), primaryKey: true }, value: { type: JSON_TYPE, allowNull: false } }, OPTIONS);
  await q.createTable(
    'habit_reports',
    {
      id: { type: INTEGER.UNSIGNED, primaryKey: true, autoIncrement: true },
      last_id: { type: STRING(60), allowNull: false, references: { model: 'lasts', key: 'id' }, onDelete: 'CASCADE', onUpdate: 'CASCADE' },
      evidence: { type: STRING(12), allowNull: false },
      offset_sizes: { type: DOUBLE, allowNull: false },
      variant: { type: STRING(80), allowNull: false, defaultValue: '' },
      made_year: { type: INTEGER },
      note: { type: TEXT },
      created_at: { type: DATE(3), allowNull: false }
    },
    OPTIONS
  );
  await q.addIndex('habit_reports', ['last_id']);
  await q.createTable(
    'maker_scales',
    {
      id: { type: INTEGER.UNSIGNED, primaryKey: true, autoIncrement: true },
      maker_id: { type: STRING(60), allowNull: false, references: { model: 'makers', key: 'id' }, onDelete: 'CASCADE', onUpdate: 'CASCADE' },
      definition: { type: JSON_TYPE, allowNull: false }
    },
    OPTIONS
  );
}

export async function down(q: QueryInterface): Promise<void> {
  for (const table of ['maker_scales', 'habit_reports', 'shop_settings']) await q.dropTable(table);
}
