import type { HouseView, RecordOf, StepChange, TaughtTime, Today } from '@lotus-steady/core';
import {
  BelongsTo,
  Column,
  DataType,
  Default,
  ForeignKey,
  HasMany,
  HasOne,
  Model,
  PrimaryKey,
  Table,
} from 'sequelize-typescript';
import { jsonColumn } from '../database/jsonColumn.js';
import { HallRow } from '../halls/hall.model.js';

/** A person as a class remembers them: in which version, and how they are on the day. */
export interface ClassPerson {
  id: string;
  name: string;
  version: number;
  today: Today;
}

/** What is sealed of how a class was for one person. */
export interface SealedRecord extends Omit<RecordOf, 'on' | 'came' | 'changes'> {
  changes: StepChange[];
  /** Pressure after class, as it was read: `142/88`. */
  pressureAfter: string | null;
  word: string;
}

/** A class with what it was planned from: later edits to people or sequence do not change it. */
@Table({ tableName: 'classes', paranoid: true, deletedAt: 'removedAt' })
export class ClassRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  @ForeignKey(() => HallRow) @Column(DataType.UUID) declare hallId: string;
  @Column(DataType.STRING) declare title: string;
  @Column(DataType.DATEONLY) declare on: string;
  @Column(DataType.STRING) declare time: string | null;
  @Column(DataType.STRING) declare place: string | null;
  /** The sequence of the library that it began from. */
  @Column(DataType.UUID) declare sequenceId: string | null;
  /** The group that it is of. */
  @Column(DataType.UUID) declare groupId: string | null;
  @Column(jsonColumn('sequenceText')) declare sequenceText: string;
  /** Who is down for it, as {@link ClassPerson}, sealed for this row. */
  @Column(DataType.TEXT('long')) declare people: string;
  /** How many are down for it. */
  @Column(DataType.INTEGER) declare heads: number;
  @Column(jsonColumn('houseView')) declare houseView: HouseView;
  /** Positions that the class takes for itself, whatever the hall's are. */
  @Column(jsonColumn('ownView')) declare ownView: Record<string, string>;
  /** What the teacher decides beside the sequence, as `Choices`, sealed for this row. */
  @Column(DataType.TEXT('long')) declare choices: string;
  @Column(DataType.INTEGER) declare version: number;
  @HasOne(() => FittingRow) declare fitting: FittingRow | null;
  @HasMany(() => RecordRow) declare records: RecordRow[];
}

/** Who is down for which class, and in which version they were when it was fitted. */
@Table({ tableName: 'class_people', timestamps: false })
export class ClassPersonRow extends Model {
  @PrimaryKey @ForeignKey(() => ClassRow) @Column(DataType.UUID) declare classId: string;
  @PrimaryKey @Column(DataType.UUID) declare personId: string;
  @Column(DataType.INTEGER) declare version: number;
}

/** A class's result with its input and versions: it opens unchanged later. */
@Table({ tableName: 'fittings' })
export class FittingRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  @ForeignKey(() => ClassRow) @Column(DataType.UUID) declare classId: string;
  @BelongsTo(() => ClassRow) declare class: ClassRow;
  @Column(DataType.STRING) declare rulebook: string;
  @Column(DataType.STRING) declare catalogue: string;
  /** How it is written: see `packedFitting.ts`. */
  @Column(DataType.INTEGER) declare format: number;
  @Column(DataType.INTEGER) declare steps: number;
  /** Own variants that it uses. */
  @Column(jsonColumn('ownVariants')) declare ownVariants: readonly string[];
  /** The fitting, and what it was made from, packed and sealed for this row. */
  @Column(DataType.BLOB('long')) declare fitting: Buffer;
  @Column(DataType.BLOB('long')) declare madeFrom: Buffer;
}

/** What the moments of a class took, on the device that taught it. */
@Table({ tableName: 'taught_times', timestamps: false })
export class TaughtTimesRow extends Model {
  @PrimaryKey @ForeignKey(() => ClassRow) @Column(DataType.UUID) declare classId: string;
  @BelongsTo(() => ClassRow) declare class: ClassRow;
  @Column(jsonColumn('times')) declare times: TaughtTime[];
}

/** How a class was for one person. */
@Table({ tableName: 'records' })
export class RecordRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  @ForeignKey(() => ClassRow) @Column(DataType.UUID) declare classId: string;
  // The table of people knows this one: the name is enough.
  @Column(DataType.UUID) declare personId: string;
  @BelongsTo(() => ClassRow) declare class: ClassRow;
  @Column(DataType.BOOLEAN) declare came: boolean;
  /** The rest, as {@link SealedRecord}, sealed for this row. */
  @Column(DataType.TEXT('long')) declare sealed: string;
}
