import { DataTypes, type Model } from 'sequelize';
import { oneOf } from '../kept';

/** Columns that are read with care: rows outlive the code that wrote them, and hands other than ours may write. */
export const { STRING, TEXT, INTEGER, DOUBLE, BOOLEAN, DATE } = DataTypes;
export const NUMBER = INTEGER.UNSIGNED;
export const id = { type: STRING(60), primaryKey: true };
export const serial = { type: NUMBER, primaryKey: true, autoIncrement: true };
export const MOMENT = DATE(3);

/** A JSON column; `read` makes of what stands there what the code works with. */
export const json = <T>(name: string, read: (value: unknown) => T) => ({
  type: DataTypes.JSON,
  get(this: Model): T {
    return read(this.getDataValue(name));
  }
});

/** A word out of a list; what is none of them is read as the usual one. */
export const word = <T extends string>(name: string, length: number, allowed: readonly T[], usual: T) => ({
  type: STRING(length),
  get(this: Model): T {
    return oneOf(this.getDataValue(name), allowed, usual);
  }
});

/** Yes or no; the driver brings 1 and 0. */
export const flag = (name: string) => ({
  type: BOOLEAN,
  get(this: Model): boolean {
    return Boolean(this.getDataValue(name));
  }
});
