import type { EyeAnswer, EyeCard } from '@lotus-steady/core';
import { Column, DataType, ForeignKey, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { AccountRow } from '../accounts/account.model.js';
import { jsonColumn } from '../database/jsonColumn.js';

/** A made-up case that a teacher has looked at: what she saw each time, and when she looks again. */
@Table({ tableName: 'eye_cases', timestamps: false })
export class EyeCaseRow extends Model {
  @PrimaryKey @ForeignKey(() => AccountRow) @Column(DataType.UUID) declare accountId: string;
  @PrimaryKey @Column(DataType.INTEGER) declare number: number;
  @Column(DataType.DATE) declare due: Date;
  @Column(jsonColumn('card')) declare card: EyeCard;
  @Column(jsonColumn('answers')) declare answers: readonly EyeAnswer[];
}
