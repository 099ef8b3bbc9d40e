import { Column, DataType, Default, ForeignKey, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { jsonColumn } from '../database/jsonColumn.js';
import { HallRow } from '../halls/hall.model.js';

/** Several weeks of one group: when it begins and who is enrolled. Each week is a sequence of the library. */
@Table({ tableName: 'courses' })
export class CourseRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  @ForeignKey(() => HallRow) @Column(DataType.UUID) declare hallId: string;
  @Column(DataType.STRING) declare title: string;
  @Column(DataType.DATEONLY) declare startsOn: string;
  @Column(DataType.STRING) declare time: string | null;
  @Column(DataType.STRING) declare place: string | null;
  /** Who is enrolled, by id. */
  @Column(jsonColumn('people')) declare people: string[];
  @Column(DataType.INTEGER) declare version: number;
}
