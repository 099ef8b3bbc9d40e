import {
  Column,
  CreatedAt,
  DataType,
  Default,
  ForeignKey,
  Model,
  PrimaryKey,
  Table,
} from 'sequelize-typescript';
import { PersonRow } from '../people/person.model.js';

/** What somebody wrote of herself. */
@Table({ tableName: 'diary_entries', updatedAt: false })
export class DiaryRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  @ForeignKey(() => PersonRow) @Column(DataType.UUID) declare personId: string;
  @Column(DataType.DATEONLY) declare on: string;
  /** Pain and words as JSON, sealed for this row. */
  @Column(DataType.TEXT) declare sealed: string;
  @CreatedAt @Column(DataType.DATE) declare createdAt: Date;
}
