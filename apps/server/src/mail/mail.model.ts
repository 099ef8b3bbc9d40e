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

/** What is sealed of a mail. */
export interface SealedMail {
  to: string;
  subject: string;
  text: string;
  /** What the file is called. */
  fileName?: string;
}

/** Something that goes by mail, or would: it is kept exactly as it goes. */
@Table({ tableName: 'mails', updatedAt: false })
export class MailRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  @ForeignKey(() => PersonRow) @Column(DataType.UUID) declare personId: string;
  @BelongsTo(() => PersonRow) declare person: PersonRow | null;
  @Column(DataType.STRING) declare kind: 'home' | 'letter';
  /** When the mail server took it. */
  @Column(DataType.DATE) declare sentAt: Date | null;
  /** Why it was not taken, in a few words without anything of what is in it. */
  @Column(DataType.STRING) declare problem: string | null;
  /** As {@link SealedMail}, sealed for this row. */
  @Column(DataType.TEXT('long')) declare sealed: string;
  /** A PDF, sealed for this row. */
  @Column(DataType.BLOB('medium')) declare file: Buffer | null;
  @CreatedAt @Column(DataType.DATE) declare createdAt: Date;
}
