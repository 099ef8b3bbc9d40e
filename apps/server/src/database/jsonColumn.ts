import { DataType, type Model } from 'sequelize-typescript';

/** A column that holds JSON as text: MariaDB's JSON type is text too, and comes back unparsed. */
export const jsonColumn = (name: string) => ({
  type: DataType.TEXT('long'),
  allowNull: false,
  get(this: Model): unknown {
    return JSON.parse(this.getDataValue(name) as string);
  },
  set(this: Model, value: unknown): void {
    this.setDataValue(name, JSON.stringify(value));
  },
});
