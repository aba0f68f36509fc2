import { DataTypes } from 'sequelize';
import type { Steps } from '../steps';

const { STRING, INTEGER, DOUBLE, JSON, DATE } = DataTypes;

/** The shop's own pull tests of soles and uppers; how worn a kept pair looks now. */
export async function up(s: Steps): Promise<void> {
  await s.createTable('pulls', {
    id: { type: INTEGER.UNSIGNED, primaryKey: true, autoIncrement: true },
    part: { type: STRING(5), allowNull: false },
    material: { type: STRING(20), allowNull: false },
    surface: { type: STRING(10), allowNull: false },
    kg: { type: JSON, allowNull: false },
    inside_kg: { type: DOUBLE, allowNull: false },
    shoe_kg: { type: DOUBLE, allowNull: false },
    who: { type: STRING(60), allowNull: false },
    created_at: { type: DATE(3), allowNull: false }
  });
  await s.addColumn('try_ons', 'worn', { type: JSON, allowNull: true });
}

export async function down(s: Steps): Promise<void> {
  await s.removeColumn('try_ons', 'worn');
  await s.dropTable('pulls');
}
