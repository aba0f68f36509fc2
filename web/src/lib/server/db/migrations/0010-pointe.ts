import { DataTypes } from 'sequelize';
import type { Steps } from '../steps';

/** The pointe bench: makers with their scales, models with their boxes and stock, what is asked of a dancer, pairs worn, answers at the barre. */
const key = { type: DataTypes.STRING(40), primaryKey: true } as const;
const serial = { type: DataTypes.INTEGER.UNSIGNED, autoIncrement: true, primaryKey: true } as const;
const ofPerson = {
  type: DataTypes.INTEGER.UNSIGNED,
  allowNull: false,
  references: { model: 'customers', key: 'id' },
  onDelete: 'CASCADE',
  onUpdate: 'CASCADE'
} as const;
const version = { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 } as const;
const moment = { type: DataTypes.DATE(3), allowNull: false } as const;
const json = { type: DataTypes.JSON, allowNull: false } as const;

export async function up(s: Steps): Promise<void> {
  await s.createTable('pointe_makers', {
    id: key,
    name: { type: DataTypes.STRING(80), allowNull: false },
    scale: json,
    lead_days: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 60 }
  });
  await s.createTable('pointe_models', {
    id: key,
    maker_id: { type: DataTypes.STRING(40), allowNull: false, references: { model: 'pointe_makers', key: 'id' }, onDelete: 'RESTRICT', onUpdate: 'CASCADE' },
    name: { type: DataTypes.STRING(80), allowNull: false },
    definition: json,
    stock: json,
    price: { type: DataTypes.DOUBLE, allowNull: true },
    belief: { type: DataTypes.JSON, allowNull: true }
  });
  await s.createTable('pointe_dancers', { customer_id: { ...ofPerson, primaryKey: true }, asked: json, version, updated_at: moment });
  await s.createTable('pointe_pairs', { id: serial, customer_id: ofPerson, pair: json, version, updated_at: moment });
  await s.createTable('pointe_barre', { id: serial, customer_id: ofPerson, seen: json, created_at: moment });
}

export async function down(s: Steps): Promise<void> {
  for (const table of ['pointe_barre', 'pointe_pairs', 'pointe_dancers', 'pointe_models', 'pointe_makers']) await s.dropTable(table);
}
