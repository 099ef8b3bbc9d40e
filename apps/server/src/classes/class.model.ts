import type { Choices, HouseView, Today } from '@lotus-steady/core';
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

/** A person as a class remembers them: their id and what was known, as it would be written. */
export interface ClassPerson {
  id: string;
  person: { name: string };
  today: Today;
}

/** A step that was eased or stopped on the day. */
export interface StepChange {
  step: number;
  what: 'eased' | 'stopped';
}

/** A class with a snapshot of what it was planned from: later edits to people or sequence do not change it. */
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
  @Column(jsonColumn('sequenceText')) declare sequenceText: string;
  @Column(jsonColumn('people')) declare people: ClassPerson[];
  /** How many are down for it. */
  @Column(DataType.INTEGER) declare heads: number;
  @Column(jsonColumn('houseView')) declare houseView: HouseView;
  /** Positions that the class takes for itself, whatever the hall's are. */
  @Column(jsonColumn('ownView')) declare ownView: Record<string, string>;
  /** What the teacher decides beside the sequence. */
  @Column(jsonColumn('choices')) declare choices: Choices;
  @Column(DataType.INTEGER) declare version: number;
  @HasOne(() => FittingRow) declare fitting: FittingRow | null;
  @HasMany(() => RecordRow) declare records: RecordRow[];
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
  /** The fitting, and what it was made from, packed. */
  @Column(DataType.BLOB('long')) declare fitting: Buffer;
  @Column(DataType.BLOB('long')) declare madeFrom: Buffer;
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
  @Column(DataType.INTEGER) declare painBefore: number | null;
  @Column(DataType.INTEGER) declare painAfter: number | null;
  @Column(jsonColumn('changes')) declare changes: StepChange[];
  @Column(DataType.TEXT) declare word: string;
}
