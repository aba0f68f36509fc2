import { DataTypes } from 'sequelize';
import type { Steps } from '../steps';

/** Which toe stands higher; none told is any of them, as before. */
export const up = (s: Steps): Promise<void> => s.addColumn('foot_features', 'hammer_toe', { type: DataTypes.TINYINT.UNSIGNED });
export const down = (s: Steps): Promise<void> => s.removeColumn('foot_features', 'hammer_toe');
