import { DataTypes, type QueryInterface } from 'sequelize';

/** Which school of room in front a fitting follows; the shop's own targets are one of its settings. */
export async function up(q: QueryInterface): Promise<void> {
  await q.addColumn('fittings', 'room_school', { type: DataTypes.STRING(8), allowNull: false, defaultValue: 'middle' });
}

export async function down(q: QueryInterface): Promise<void> {
  await q.removeColumn('fittings', 'room_school');
}
