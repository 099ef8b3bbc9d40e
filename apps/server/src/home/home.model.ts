import type { HomeStep, HouseProp } from '@lotus-steady/core';
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

/** What is sealed of what somebody practises at home. */
export interface SealedHome {
  title: string;
  steps: readonly HomeStep[];
  /** What the teacher writes to her. */
  words: string;
  /** Whom she asks: a name, a number. */
  whom: string;
  withWhom?: string;
  /** What is in the house. */
  has: readonly HouseProp[];
}

/** What somebody practises at home, from a day to a day. */
@Table({ tableName: 'home_practices', updatedAt: false })
export class HomeRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  @ForeignKey(() => PersonRow) @Column(DataType.UUID) declare personId: string;
  @BelongsTo(() => PersonRow) declare person: PersonRow | null;
  /** From which class it was taken. */
  @Column(DataType.UUID) declare classId: string;
  @Column(DataType.DATEONLY) declare on: string;
  /** The last day. */
  @Column(DataType.DATEONLY) declare until: string;
  /** As {@link SealedHome}, sealed for this row. */
  @Column(DataType.TEXT('long')) declare sealed: string;
  @CreatedAt @Column(DataType.DATE) declare createdAt: Date;
}
