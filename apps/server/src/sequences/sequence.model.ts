import { Column, DataType, Default, ForeignKey, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { jsonColumn } from '../database/jsonColumn.js';
import { HallRow } from '../halls/hall.model.js';

/** A base plan, kept as it was written. */
@Table({ tableName: 'sequences' })
export class SequenceRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  @ForeignKey(() => HallRow) @Column(DataType.UUID) declare hallId: string;
  @Column(DataType.STRING) declare title: string;
  @Column(jsonColumn('source')) declare source: string;
  @Column(DataType.INTEGER) declare version: number;
}
