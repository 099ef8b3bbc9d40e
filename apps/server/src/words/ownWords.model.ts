import { Column, DataType, ForeignKey, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { HallRow } from '../halls/hall.model.js';

/** What a hall says in a pose, in place of our words. */
@Table({ tableName: 'own_words', timestamps: false })
export class OwnWordsRow extends Model {
  @PrimaryKey @ForeignKey(() => HallRow) @Column(DataType.UUID) declare hallId: string;
  @PrimaryKey @Column(DataType.STRING(60)) declare pose: string;
  /** Empty where ours are said again. */
  @Column(DataType.TEXT('long')) declare words: string;
  @Column(DataType.INTEGER) declare version: number;
}
