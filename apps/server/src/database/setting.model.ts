import { Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { jsonColumn } from './jsonColumn.js';

/** A setting that is there once the demo was removed on the screen: it does not come back by itself. */
export const NO_DEMO = 'no-demo';

/** What was set for the whole installation. */
@Table({ tableName: 'settings', timestamps: false })
export class SettingRow extends Model {
  @PrimaryKey @Column(DataType.STRING(40)) declare name: string;
  @Column(jsonColumn('value')) declare value: unknown;
}
