import { DataTypes } from 'sequelize';
import type { Steps } from '../steps';

/** What the shoes of a fitting are for, what was asked and looked at for it, and which schools were chosen. */
export async function up(s: Steps): Promise<void> {
  await s.addColumn('fittings', 'use_asked', { type: DataTypes.JSON, allowNull: true });
}

export async function down(s: Steps): Promise<void> {
  await s.removeColumn('fittings', 'use_asked');
}
