import { Column, DataType, ForeignKey, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { PersonRow } from './person.model.js';

/** How somebody was known from a change on. */
@Table({ tableName: 'person_versions', timestamps: false })
export class PersonVersionRow extends Model {
  @PrimaryKey @Column(DataType.UUID) declare id: string;
  @ForeignKey(() => PersonRow) @Column(DataType.UUID) declare personId: string;
  @Column(DataType.INTEGER) declare version: number;
  /** Whose change it was; none where the demo or a machine made it. */
  @Column(DataType.STRING(64)) declare accountId: string | null;
  /** Everything that was known, as it would be written, sealed for this row. */
  @Column(DataType.TEXT('long')) declare sealed: string;
  @Column(DataType.DATE) declare savedAt: Date;
}
