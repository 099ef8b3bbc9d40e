import { Column, CreatedAt, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { jsonColumn } from './jsonColumn.js';

/** A change that was made, under the key it was asked for with: asked for again, it is answered from here. */
@Table({ tableName: 'writes', updatedAt: false })
export class WriteRow extends Model {
  @PrimaryKey @Column(DataType.UUID) declare hallId: string;
  @PrimaryKey @Column(DataType.UUID) declare key: string;
  /** Of what was asked for: a key goes with one request. */
  @Column(DataType.STRING(64)) declare print: string;
  /** What was answered: ids and versions, or null where there was nothing to say. */
  @Column(jsonColumn('answer')) declare answer: object | null;
  @CreatedAt @Column(DataType.DATE) declare createdAt: Date;
}
