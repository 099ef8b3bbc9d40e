import type { Shown } from '@lotus-steady/core';
import { Column, DataType, ForeignKey, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { AccountRow } from '../accounts/account.model.js';
import { jsonColumn } from '../database/jsonColumn.js';
import { HallRow } from '../halls/hall.model.js';

/** What stands on a teacher's screen for the class: of the class last taught, and nothing of anybody. */
@Table({ tableName: 'screens', timestamps: false })
export class ScreenRow extends Model {
  @PrimaryKey @ForeignKey(() => HallRow) @Column(DataType.UUID) declare hallId: string;
  @PrimaryKey @ForeignKey(() => AccountRow) @Column(DataType.UUID) declare accountId: string;
  @Column(jsonColumn('shown')) declare shown: Shown;
  /** When it was told, ms since 1970. */
  @Column(DataType.BIGINT) declare at: number;
}
