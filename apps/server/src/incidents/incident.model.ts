import {
  BelongsTo,
  Column,
  DataType,
  Default,
  ForeignKey,
  Model,
  PrimaryKey,
  Table,
} from 'sequelize-typescript';
import { PersonRow } from '../people/person.model.js';

/** What is sealed of an incident. */
export interface SealedIncident {
  /** `HH:MM`, where it is known. */
  time: string;
  what: string;
  /** A place of `PAIN_PLACES`; empty where none was hurt. */
  where: string;
  doing: string;
  done: string;
  called: string;
  seenBy: string;
  followUp: string;
  outcome: string;
}

/** What happened to somebody in or around a class. */
@Table({ tableName: 'incidents' })
export class IncidentRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  @ForeignKey(() => PersonRow) @Column(DataType.UUID) declare personId: string;
  @BelongsTo(() => PersonRow) declare person: PersonRow | null;
  /** In which class, where it was in one. */
  @Column(DataType.UUID) declare classId: string | null;
  @Column(DataType.DATEONLY) declare on: string;
  /** When to ask again. */
  @Column(DataType.DATEONLY) declare followUpOn: string | null;
  @Column(DataType.BOOLEAN) declare isClosed: boolean;
  @Column(DataType.INTEGER) declare version: number;
  /** The rest, as {@link SealedIncident}, sealed for this row. */
  @Column(DataType.TEXT('long')) declare sealed: string;
}
