import type { Can, Clearance, Details, Intake, OwnLimit, Pronoun } from '@lotus-steady/core';
import {
  Column,
  DataType,
  Default,
  ForeignKey,
  HasMany,
  Model,
  PrimaryKey,
  Table,
} from 'sequelize-typescript';
import { RecordRow } from '../classes/class.model.js';
import { jsonColumn } from '../database/jsonColumn.js';
import { HallRow } from '../halls/hall.model.js';

@Table({ tableName: 'people', paranoid: true, deletedAt: 'removedAt' })
export class PersonRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  @ForeignKey(() => HallRow) @Column(DataType.UUID) declare hallId: string;
  @Column(DataType.STRING) declare name: string;
  @Column(DataType.DATEONLY) declare born: string | null;
  @Column(DataType.STRING) declare sex: 'woman' | 'man' | null;
  @Column(DataType.STRING) declare pronoun: Pronoun | null;
  @Column(DataType.FLOAT) declare heightCm: number;
  @Column(DataType.FLOAT) declare weightKg: number | null;
  @Column(jsonColumn('can')) declare can: Can;
  @Column(jsonColumn('ranges')) declare ranges: Record<string, number>;
  @Column(jsonColumn('screening')) declare screening: Record<string, number>;
  @Column(jsonColumn('limits')) declare limits: readonly OwnLimit[];
  @Column(jsonColumn('clearances')) declare clearances: readonly Clearance[];
  @Column(jsonColumn('intake')) declare intake: Intake;
  @Column(DataType.INTEGER) declare version: number;
  @HasMany(() => PersonConditionRow) declare conditions: PersonConditionRow[];
  @HasMany(() => RecordRow, 'personId') declare records: RecordRow[];
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
