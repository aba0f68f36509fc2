import { DataTypes } from 'sequelize';
import type { Steps } from '../steps';

/** What was put into either shoe of a pair when it was carried to the chair. */
export async function up(s: Steps): Promise<void> {
  await s.addColumn('try_ons', 'put_in', { type: DataTypes.JSON, allowNull: true });
}

export async function down(s: Steps): Promise<void> {
  await s.removeColumn('try_ons', 'put_in');
}
