import { DataTypes } from 'sequelize';
import type { Steps } from '../steps';

const { STRING, INTEGER, TEXT } = DataTypes;

/** A scan’s own file, as it came, with the outline that was read from it. */
export async function up(s: Steps): Promise<void> {
  await s.createTable('scan_files', {
    tracing_id: {
      type: INTEGER.UNSIGNED,
      primaryKey: true,
      references: { model: 'tracings', key: 'id' },
      onDelete: 'CASCADE',
      onUpdate: 'CASCADE'
    },
    name: { type: STRING(120), allowNull: false },
    /** Packed with gzip, as base64, so that a backup is plain text. */
    packed: { type: TEXT('medium'), allowNull: false }
  });
}

export async function down(s: Steps): Promise<void> {
  await s.dropTable('scan_files');
}
