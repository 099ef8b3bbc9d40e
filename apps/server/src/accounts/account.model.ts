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
import type { Role } from '../common/context.js';
import { jsonColumn } from '../database/jsonColumn.js';
import { HallRow } from '../halls/hall.model.js';

/** Somebody who works in one hall or several. */
@Table({ tableName: 'accounts' })
export class AccountRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  @Column(DataType.STRING) declare name: string;
  /** What she signs in with, as {@link signInName} writes it; the demo's teacher has none. */
  @Column(DataType.STRING) declare signIn: string | null;
  /** argon2id, with its parameters. */
  @Column(DataType.STRING) declare passwordHash: string | null;
  /** The secret of her one-time codes, sealed; in force once a code was shown. */
  @Column(DataType.TEXT) declare codeSecret: string | null;
  @Column(DataType.BOOLEAN) declare hasCodes: boolean;
  /** The time step of the last code that was taken: none is taken twice. */
  @Column(DataType.BIGINT) declare lastCodeStep: number | null;
  /** Prints of recovery codes that are left. */
  @Column(jsonColumn('recoveryCodes')) declare recoveryCodes: readonly string[];
  /** Where she was last. */
  @Column(DataType.UUID) declare lastHallId: string | null;
}

/** What an account is in a hall. */
@Table({ tableName: 'memberships', updatedAt: false })
export class MembershipRow extends Model {
  @PrimaryKey @ForeignKey(() => AccountRow) @Column(DataType.UUID) declare accountId: string;
  @PrimaryKey @ForeignKey(() => HallRow) @Column(DataType.UUID) declare hallId: string;
  @Column(DataType.STRING) declare role: Exclude<Role, 'person'>;
  @CreatedAt @Column(DataType.DATE) declare createdAt: Date;
}

/** Somebody who is signed in on a device: an account, or a person with her private link. */
@Table({ tableName: 'sessions', updatedAt: false })
export class SessionRow extends Model {
  /** The print of what her browser shows. */
  @PrimaryKey @Column(DataType.STRING(64)) declare id: string;
  @ForeignKey(() => AccountRow) @Column(DataType.UUID) declare accountId: string | null;
  @ForeignKey(() => HallRow) @Column(DataType.UUID) declare hallId: string;
  @Column(DataType.UUID) declare personId: string | null;
  @Column(DataType.STRING) declare device: string;
  @CreatedAt @Column(DataType.DATE) declare createdAt: Date;
  @Column(DataType.DATE) declare seenAt: Date;
  @Column(DataType.DATE) declare endsAt: Date;
}

/** What a link lets whoever has it do, once or until it expires. */
export type LinkKind = 'invitation' | 'reset' | 'person' | 'calendar' | 'screen';

@Table({ tableName: 'links', updatedAt: false })
export class LinkRow extends Model {
  @PrimaryKey @Default(DataType.UUIDV4) @Column(DataType.UUID) declare id: string;
  @ForeignKey(() => HallRow) @Column(DataType.UUID) declare hallId: string;
  @Column(DataType.STRING) declare kind: LinkKind;
  /** The print of what is in the link. */
  @Column(DataType.STRING(64)) declare print: string;
  /** An invitation's: whom it is for, and as what. */
  @Column(DataType.STRING) declare name: string | null;
  @Column(DataType.STRING) declare role: Exclude<Role, 'person'> | null;
  /** Whose password it sets anew. */
  @ForeignKey(() => AccountRow) @Column(DataType.UUID) declare accountId: string | null;
  /** Whose page it opens. */
  @Column(DataType.UUID) declare personId: string | null;
  @CreatedAt @Column(DataType.DATE) declare createdAt: Date;
  @Column(DataType.DATE) declare endsAt: Date;
}

/** How often somebody was not let in, by what was tried or from where. */
@Table({ tableName: 'sign_in_tries', timestamps: false })
export class SignInTryRow extends Model {
  @PrimaryKey @Column(DataType.STRING(64)) declare subject: string;
  @Column(DataType.INTEGER) declare tries: number;
  @Column(DataType.DATE) declare lastAt: Date;
}
