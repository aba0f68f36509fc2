import { HEEL_SHAPES } from '@chiave/core/heel';
import { DataTypes } from 'sequelize';
import type { Steps } from '../steps';

/** The ground that is asked for; occasions kept with people; how a heel is made, kept in figures and words of a list: the width of a tip under its new name, a shape that is none of the list in the note. */
const SHAPES = ["''", ...HEEL_SHAPES.map(({ id }) => `'${id}'`)].join(', ');
const LONGEST_NOTE = 2000;
const moved = (from: string, to: string): string => `
  UPDATE styles SET details = JSON_REMOVE(JSON_SET(details, '$.${to}', JSON_EXTRACT(details, '$.${from}')), '$.${from}')
  WHERE JSON_EXISTS(details, '$.${from}')`;

export async function up(s: Steps): Promise<void> {
  await s.addColumn('fittings', 'ground', { type: DataTypes.STRING(20), allowNull: false, defaultValue: '' });
  await s.createTable('occasions', {
    id: { type: DataTypes.INTEGER.UNSIGNED, autoIncrement: true, primaryKey: true },
    customer_id: {
      type: DataTypes.INTEGER.UNSIGNED,
      allowNull: false,
      references: { model: 'customers', key: 'id' },
      onDelete: 'CASCADE',
      onUpdate: 'CASCADE'
    },
    name: { type: DataTypes.STRING(120), allowNull: false },
    plan: { type: DataTypes.JSON, allowNull: false },
    version: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 },
    updated_at: { type: DataTypes.DATE(3), allowNull: false }
  });
  await s.changeRows(moved('heelTipMm', 'tipWidthMm'));
  await s.changeRows(moved('evidence.heelTipMm', 'evidence.tipWidthMm'));
  await s.changeRows(`
    UPDATE styles SET details = JSON_SET(details,
      '$.note', LEFT(TRIM(CONCAT(COALESCE(JSON_VALUE(details, '$.note'), ''), ' Heel: ', JSON_VALUE(details, '$.heelShape'), '.')), ${LONGEST_NOTE}),
      '$.heelShape', '')
    WHERE JSON_VALUE(details, '$.heelShape') NOT IN (${SHAPES})`);
}

export async function down(s: Steps): Promise<void> {
  await s.removeColumn('fittings', 'ground');
  await s.dropTable('occasions');
  await s.changeRows(moved('tipWidthMm', 'heelTipMm'));
  await s.changeRows(moved('evidence.tipWidthMm', 'evidence.heelTipMm'));
}
