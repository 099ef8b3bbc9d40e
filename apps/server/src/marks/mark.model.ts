import { BelongsTo, Column, DataType, ForeignKey, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { ClassRow } from '../classes/class.model.js';

/** What is sealed of a mark. */
export interface SealedMark {
  step: number;
  given: 'less-far' | 'supported' | 'rest' | 'stopped';
  /** Where it hurt, a place of `PAIN_PLACES`. */
  where?: string;
}

/** A change for somebody, noted while the class was taught; once it is in the record it is no longer here. */
@Table({ tableName: 'marks', timestamps: false })
export class MarkRow extends Model {
  /** Given by whoever noted it: told twice it is one. */
  @PrimaryKey @Column(DataType.UUID) declare id: string;
  @ForeignKey(() => ClassRow) @Column(DataType.UUID) declare classId: string;
  @BelongsTo(() => ClassRow) declare class: ClassRow;
  // The table of people knows this one: the name is enough.
  @Column(DataType.UUID) declare personId: string;
  /** When it was noted, ms since 1970, by the clock of the device. */
  @Column(DataType.BIGINT) declare at: number;
  /** As {@link SealedMark}, sealed for this row. */
  @Column(DataType.TEXT('long')) declare sealed: string;
}
