import { DataTypes } from 'sequelize';
import type { Steps } from '../steps';

/** Which school of room in front a fitting follows; the shop's own targets are one of its settings. */
export async function up(s: Steps): Promise<void> {
  await s.addColumn('fittings', 'room_school', { type: DataTypes.STRING(8), allowNull: false, defaultValue: 'middle' });
}

export async function down(s: Steps): Promise<void> {
  await s.removeColumn('fittings', 'room_school');
}
