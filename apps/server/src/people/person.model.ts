import {
  BelongsTo,
  Column,
  DataType,
  Default,
  ForeignKey,
  HasMany,
  Model,
  PrimaryKey,
  Table,
} from 'sequelize-typescript';
import { HallRow } from '../halls/hall.model.js';

/** Somebody's name, and which version of what is known of her holds: all else is in that, sealed. */
@Table({ tableName: 'people', paranoid: true, deletedAt: 'removedAt' })
export class PersonRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  @ForeignKey(() => HallRow) @Column(DataType.UUID) declare hallId: string;
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.INTEGER) declare version: number;
  @HasMany(() => PropNoteRow) declare propNotes: PropNoteRow[];
}

/** A prop height that worked for someone. */
@Table({ tableName: 'prop_notes' })
export class PropNoteRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  @ForeignKey(() => PersonRow) @Column(DataType.UUID) declare personId: string;
  @BelongsTo(() => PersonRow) declare person: PersonRow;
  @Column(DataType.STRING) declare task: string;
  /** Height, words and day, sealed for this row. */
  @Column(DataType.TEXT('long')) declare sealed: string;
}
