import { DataTypes, type QueryInterface } from 'sequelize';

/** What was put into either shoe of a pair when it was carried to the chair. */
export async function up(q: QueryInterface): Promise<void> {
  await q.addColumn('try_ons', 'put_in', { type: DataTypes.JSON, allowNull: true });
}

export async function down(q: QueryInterface): Promise<void> {
  await q.removeColumn('try_ons', 'put_in');
}
