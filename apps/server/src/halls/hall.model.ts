import type { HallRules, HouseView, Pace } from '@lotus-steady/core';
import { Column, DataType, Default, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { jsonColumn } from '../database/jsonColumn.js';

/** The hall: its teacher, house view and stock of props. */
@Table({ tableName: 'halls' })
export class HallRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.STRING) declare teacher: string;
  /** Its people are made up, and whoever sits at this computer may open it. */
  @Column(DataType.BOOLEAN) declare isDemo: boolean;
  /** Where it is: an IANA name, like `Europe/London`. */
  @Column(DataType.STRING) declare timeZone: string;
  @Column(jsonColumn('houseView')) declare houseView: HouseView;
  @Column(jsonColumn('stock')) declare stock: Record<string, number>;
  /** What the hall changes about the rulebook. */
  @Column(jsonColumn('rules')) declare rules: HallRules;
  /** The teacher's own pace: what differs from the usual. */
  @Column(jsonColumn('pace')) declare pace: Partial<Pace>;
  /** So many months after they last came people are erased; never where there is none. */
  @Column(DataType.INTEGER) declare keptMonths: number | null;
  /** Of house view, rules and pace; and of the stock, which others may be counting. */
  @Column(DataType.INTEGER) declare version: number;
  @Column(DataType.INTEGER) declare stockVersion: number;
}
