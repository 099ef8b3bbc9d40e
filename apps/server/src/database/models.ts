import type { ClassPerson, StepChange } from './types.js';
import type {
  Choices,
  Clearance,
  Details,
  Fitting,
  HallRules,
  HouseView,
  OwnLimit,
  OwnVariant,
  Pace,
} from '@lotus-steady/core';
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
import { jsonColumn } from './jsonColumn.js';

/** The hall: its teacher, house view and stock of props. */
@Table({ tableName: 'studios' })
export class StudioRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.STRING) declare teacher: string;
  @Column(jsonColumn('houseView')) declare houseView: HouseView;
  @Column(jsonColumn('stock')) declare stock: Record<string, number>;
  /** What the hall changes about the rulebook. */
  @Column(jsonColumn('rules')) declare rules: HallRules;
  /** The teacher's own pace: what differs from the usual. */
  @Column(jsonColumn('pace')) declare pace: Partial<Pace>;
}

@Table({ tableName: 'people' })
export class PersonRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  @ForeignKey(() => StudioRow) @Column(DataType.UUID) declare studioId: string;
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.DATEONLY) declare born: string | null;
  @Column(DataType.STRING) declare sex: string | null;
  @Column(DataType.FLOAT) declare heightCm: number;
  @Column(DataType.FLOAT) declare weightKg: number | null;
  @Column(jsonColumn('can')) declare can: Record<string, boolean>;
  @Column(jsonColumn('ranges')) declare ranges: Record<string, number>;
  @Column(jsonColumn('screening')) declare screening: Record<string, number>;
  @Column(jsonColumn('limits')) declare limits: readonly OwnLimit[];
  @Column(jsonColumn('clearances')) declare clearances: readonly Clearance[];
  @HasMany(() => PersonConditionRow) declare conditions: PersonConditionRow[];
  @HasMany(() => RecordRow) declare records: RecordRow[];
  @HasMany(() => PropNoteRow) declare propNotes: PropNoteRow[];
}

@Table({ tableName: 'person_conditions' })
export class PersonConditionRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  @ForeignKey(() => PersonRow) @Column(DataType.UUID) declare personId: string;
  @Column(DataType.STRING) declare condition: string;
  @Column(jsonColumn('details')) declare details: Details;
  @Column(DataType.INTEGER) declare position: number;
}

/** A teacher's own variant with its solutions for every height. */
@Table({ tableName: 'own_variants' })
export class OwnVariantRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  @ForeignKey(() => StudioRow) @Column(DataType.UUID) declare studioId: string;
  @Column(DataType.STRING) declare variantId: string;
  @Column(DataType.STRING) declare pose: string;
  @Column(DataType.STRING) declare poseName: string | null;
  @Column(DataType.STRING) declare base: string;
  @Column(DataType.STRING) declare after: string;
  @Column(DataType.STRING) declare name: string;
  @Column(jsonColumn('angles')) declare angles: OwnVariant['angles'];
  @Column(jsonColumn('frames')) declare frames: OwnVariant['frames'];
  @Column(jsonColumn('solved')) declare solved: OwnVariant['solved'];
  /** What the solutions depend on, as `variantPrint` has it; they are made anew where it is another by now. */
  @Column(DataType.STRING) declare print: string;
}

/** A prop height that worked for someone. */
@Table({ tableName: 'prop_notes' })
export class PropNoteRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  @ForeignKey(() => PersonRow) @Column(DataType.UUID) declare personId: string;
  @Column(DataType.STRING) declare task: string;
  @Column(DataType.FLOAT) declare heightCm: number;
  @Column(DataType.STRING) declare words: string;
  @Column(DataType.DATEONLY) declare on: string;
}

/** A base plan, kept as it was written. */
@Table({ tableName: 'sequences' })
export class SequenceRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  @ForeignKey(() => StudioRow) @Column(DataType.UUID) declare studioId: string;
  @Column(DataType.STRING) declare title: string;
  @Column(jsonColumn('source')) declare source: string;
}

/** A class with a snapshot of what it was planned from: later edits to people or sequence do not change it. */
@Table({ tableName: 'classes' })
export class ClassRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  @ForeignKey(() => StudioRow) @Column(DataType.UUID) declare studioId: string;
  @Column(DataType.STRING) declare title: string;
  @Column(DataType.DATEONLY) declare on: string;
  @Column(DataType.STRING) declare time: string | null;
  @Column(DataType.STRING) declare place: string | null;
  @Column(jsonColumn('sequenceText')) declare sequenceText: string;
  @Column(jsonColumn('people')) declare people: ClassPerson[];
  @Column(jsonColumn('houseView')) declare houseView: HouseView;
  /** Positions that the class takes for itself, whatever the hall's are. */
  @Column(jsonColumn('ownView')) declare ownView: Record<string, string>;
  /** What the teacher decides beside the sequence. */
  @Column(jsonColumn('choices')) declare choices: Choices;
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
  @Column(jsonColumn('input')) declare input: unknown;
  @Column(jsonColumn('output')) declare output: Fitting;
}

/** How a class was for one person. */
@Table({ tableName: 'records' })
export class RecordRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  @ForeignKey(() => ClassRow) @Column(DataType.UUID) declare classId: string;
  @ForeignKey(() => PersonRow) @Column(DataType.UUID) declare personId: string;
  @BelongsTo(() => ClassRow) declare class: ClassRow;
  @Column(DataType.BOOLEAN) declare came: boolean;
  @Column(DataType.INTEGER) declare painBefore: number | null;
  @Column(DataType.INTEGER) declare painAfter: number | null;
  @Column(jsonColumn('changes')) declare changes: StepChange[];
  @Column(DataType.TEXT) declare word: string;
}

export const MODELS = [
  StudioRow,
  PersonRow,
  PersonConditionRow,
  SequenceRow,
  ClassRow,
  FittingRow,
  RecordRow,
  OwnVariantRow,
  PropNoteRow,
];
