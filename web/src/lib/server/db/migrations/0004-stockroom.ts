import { DataTypes } from 'sequelize';
import type { Steps } from '../steps';

const { STRING, TEXT, INTEGER, DOUBLE, JSON: JSON_TYPE, DATE } = DataTypes;
const counter = { type: INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 };
const serial = { type: INTEGER.UNSIGNED, primaryKey: true, autoIncrement: true };
const owned = (table: string) => ({
  type: STRING(60),
  allowNull: false,
  references: { model: table, key: 'id' },
  onDelete: 'CASCADE',
  onUpdate: 'CASCADE'
});

/** What a style is beside its last, with evidence; readings of insides by many hands; photographs; saved matrices. */
export async function up(s: Steps): Promise<void> {
  await s.addColumn('styles', 'details', { type: JSON_TYPE });
  await s.addColumn('styles', 'version', counter);
  await s.addColumn('lasts', 'version', counter);
  await s.createTable('inside_readings', {
    id: serial,
    last_id: owned('lasts'),
    size: { type: DOUBLE, allowNull: false },
    width: { type: STRING(12), allowNull: false },
    side: { type: STRING(5), allowNull: false },
    who: { type: STRING(60), allowNull: false },
    taken_on: { type: STRING(10), allowNull: false },
    length_mm: { type: DOUBLE },
    ball_mm: { type: DOUBLE },
    narrow_mm: { type: DOUBLE },
    heel_mm: { type: DOUBLE },
    ball_girth_mm: { type: DOUBLE },
    outline: { type: JSON_TYPE },
    note: { type: STRING(200), allowNull: false, defaultValue: '' },
    created_at: { type: DATE(3), allowNull: false }
  });
  await s.createTable('style_photos', {
    id: serial,
    style_id: owned('styles'),
    shows: { type: STRING(12), allowNull: false },
    caption: { type: STRING(200), allowNull: false, defaultValue: '' },
    mime: { type: STRING(20), allowNull: false },
    /** Base64, so that a backup is plain text. */
    content: { type: TEXT('medium'), allowNull: false },
    created_at: { type: DATE(3), allowNull: false }
  });
  await s.createTable('size_matrices', {
    id: serial,
    name: { type: STRING(80), allowNull: false },
    definition: { type: JSON_TYPE, allowNull: false },
    created_at: { type: DATE(3), allowNull: false }
  });
}

export async function down(s: Steps): Promise<void> {
  for (const table of ['size_matrices', 'style_photos', 'inside_readings']) await s.dropTable(table);
  await s.removeColumn('lasts', 'version');
  await s.removeColumn('styles', 'version');
  await s.removeColumn('styles', 'details');
}
