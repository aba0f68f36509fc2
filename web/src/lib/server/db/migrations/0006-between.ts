import { DataTypes, type QueryInterface } from 'sequelize';

/** Which way a fitting goes with sandals and boots between two sizes, where schools differ. */
export async function up(q: QueryInterface): Promise<void> {
  await q.addColumn('fittings', 'between_school', { type: DataTypes.STRING(14), allowNull: false, defaultValue: 'middle' });
}

export async function down(q: QueryInterface): Promise<void> {
  await q.removeColumn('fittings', 'between_school');
}
