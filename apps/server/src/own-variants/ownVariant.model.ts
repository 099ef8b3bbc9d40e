import type { OwnVariant } from '@lotus-steady/core';
import { Column, DataType, Default, ForeignKey, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { jsonColumn } from '../database/jsonColumn.js';
import { HallRow } from '../halls/hall.model.js';

/** A teacher's own variant with its solutions for every height. */
@Table({ tableName: 'own_variants', paranoid: true, deletedAt: 'removedAt' })
export class OwnVariantRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  @ForeignKey(() => HallRow) @Column(DataType.UUID) declare hallId: string;
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
