import { DataTypes } from 'sequelize';
import type { Steps } from '../steps';

const { STRING, INTEGER, TEXT, DOUBLE, DATE } = DataTypes;
const NUMBER = INTEGER.UNSIGNED;
/** A key that is another row's own: it goes with that row. */
const keyOf = (model: string) => ({ type: NUMBER, primaryKey: true, references: { model, key: 'id' }, onDelete: 'CASCADE', onUpdate: 'CASCADE' });

/** A scan’s own file, as it came, with the outline that was read from it; and what each instrument read of a foot at a visit, which a later one writes over. */
export async function up(s: Steps): Promise<void> {
  await s.createTable('scan_files', {
    tracing_id: keyOf('tracings'),
    name: { type: STRING(120), allowNull: false },
    /** Packed with gzip, as base64, so that a backup is plain text. */
    packed: { type: TEXT('medium'), allowNull: false }
  });
  await s.createTable('instrument_readings', {
    fitting_id: keyOf('fittings'),
    side: { type: STRING(5), primaryKey: true },
    field: { type: STRING(24), primaryKey: true },
    how: { type: STRING(8), primaryKey: true },
    taken_by: { type: STRING(60), primaryKey: true },
    mm: { type: DOUBLE, allowNull: false },
    taken_at: { type: DATE(3), allowNull: false },
    under: { type: STRING(8), allowNull: false },
    sock_mm: { type: DOUBLE, allowNull: false }
  });
}

export async function down(s: Steps): Promise<void> {
  for (const table of ['instrument_readings', 'scan_files']) await s.dropTable(table);
}
