import {
  Column,
  CreatedAt,
  DataType,
  Default,
  ForeignKey,
  Model,
  PrimaryKey,
  Table,
} from 'sequelize-typescript';
import { jsonColumn } from '../database/jsonColumn.js';
import { HallRow } from '../halls/hall.model.js';

/** A base plan, kept as it was written. */
@Table({ tableName: 'sequences' })
export class SequenceRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  @ForeignKey(() => HallRow) @Column(DataType.UUID) declare hallId: string;
  @Column(DataType.STRING) declare title: string;
  @Column(jsonColumn('source')) declare source: string;
  @Column({ ...jsonColumn('tags'), defaultValue: '[]' }) declare tags: string[];
  @Default(false) @Column(DataType.BOOLEAN) declare archived: boolean;
  /** The course it is a week of, and which. */
  @Column(DataType.UUID) declare courseId: string | null;
  @Column(DataType.INTEGER) declare week: number | null;
  @Column(DataType.INTEGER) declare version: number;
  declare updatedAt: Date;
}

/** How a sequence was before it was changed. */
@Table({ tableName: 'sequence_versions', updatedAt: false })
export class SequenceVersionRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  @ForeignKey(() => SequenceRow) @Column(DataType.UUID) declare sequenceId: string;
  @Column(DataType.INTEGER) declare version: number;
  @Column(DataType.STRING) declare title: string;
  @Column(jsonColumn('source')) declare source: string;
  /** When it was last saved as it was then. */
  @Column(DataType.DATE) declare savedAt: Date;
  /** When it was put aside. */
  @CreatedAt @Column(DataType.DATE) declare createdAt: Date;
}
