import { Column, DataType, ForeignKey, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { PersonRow } from '../people/person.model.js';

/** What somebody has filled in herself, and no teacher has looked at yet: one form a person. */
@Table({ tableName: 'own_answers', timestamps: false })
export class OwnAnswersRow extends Model {
  @PrimaryKey @Column(DataType.UUID) declare id: string;
  @ForeignKey(() => PersonRow) @Column(DataType.UUID) declare personId: string;
  /** The answers as JSON, sealed for this row. */
  @Column(DataType.TEXT('long')) declare sealed: string;
  @Column(DataType.DATE) declare sentAt: Date;
}
