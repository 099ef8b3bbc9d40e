import {
  BelongsTo,
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

/** A letter or report of somebody. */
@Table({ tableName: 'documents', updatedAt: false, paranoid: true, deletedAt: 'removedAt' })
export class DocumentRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  @ForeignKey(() => PersonRow) @Column(DataType.UUID) declare personId: string;
  @BelongsTo(() => PersonRow) declare person: PersonRow;
  /** What it is called, its day, from whom, its kind and size, as JSON, sealed for this row. */
  @Column(DataType.TEXT('long')) declare sealed: string;
  /** Sealed for this row; none until it has come. */
  @Column(DataType.BLOB('long')) declare file: Buffer | null;
  @CreatedAt @Column(DataType.DATE) declare createdAt: Date;
}
