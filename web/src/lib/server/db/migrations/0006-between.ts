import { DataTypes } from 'sequelize';
import type { Steps } from '../steps';

/** Which way a fitting goes with sandals and boots between two sizes, where schools differ. */
export async function up(s: Steps): Promise<void> {
  await s.addColumn('fittings', 'between_school', { type: DataTypes.STRING(14), allowNull: false, defaultValue: 'middle' });
}

export async function down(s: Steps): Promise<void> {
  await s.removeColumn('fittings', 'between_school');
}
