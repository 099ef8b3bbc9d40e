import { ForbiddenException, Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { QueryTypes, type Transaction } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import type { Role } from '../common/context.js';
import { NO_DEMO, SettingRow } from '../database/setting.model.js';
import { HallRow } from '../halls/hall.model.js';
import { AccountRow, MembershipRow } from './account.model.js';

/** A hall that an account belongs to. */
export interface HallOfAccount {
  id: string;
  name: string;
  isDemo: 0 | 1;
  role: Exclude<Role, 'person'>;
}

/** What an account begins with. */
export type NewAccount = Pick<AccountRow, 'name' | 'signIn' | 'passwordHash'>;

/** Somebody of a hall. */
export interface Member {
  id: string;
  name: string;
  signIn: string | null;
  hasCodes: 0 | 1;
  role: Exclude<Role, 'person'>;
}

const HALLS = `
  SELECT h.id, h.name, h.isDemo, m.role FROM memberships m JOIN halls h ON h.id = m.hallId
  WHERE m.accountId = :accountId ORDER BY h.name`;
const MEMBERS = `
  SELECT a.id, a.name, a.signIn, a.hasCodes, m.role FROM memberships m JOIN accounts a ON a.id = m.accountId
  WHERE m.hallId = :hallId ORDER BY a.name`;
const ORPHAN = `
  SELECT id FROM halls h WHERE NOT EXISTS (SELECT 1 FROM memberships m WHERE m.hallId = h.id)
  ORDER BY createdAt LIMIT 1`;
/** An account without a hall has nothing more to do here. */
const FORGOTTEN = `
  DELETE FROM accounts WHERE NOT EXISTS (SELECT 1 FROM memberships m WHERE m.accountId = accounts.id)`;

@Injectable()
export class AccountRepository {
  constructor(
    @InjectModel(AccountRow) private readonly accounts: typeof AccountRow,
    @InjectModel(MembershipRow) private readonly memberships: typeof MembershipRow,
    @InjectModel(HallRow) private readonly halls: typeof HallRow,
    @InjectModel(SettingRow) private readonly settings: typeof SettingRow,
    private readonly sequelize: Sequelize,
  ) {}

  async bySignIn(signIn: string): Promise<AccountRow | null> {
    return this.accounts.findOne({ where: { signIn } });
  }

  /** @throws NotFoundException */
  async one(id: string): Promise<AccountRow> {
    const row = await this.accounts.findByPk(id);
    if (!row) throw new NotFoundException('This account is no longer there.');
    return row;
  }

  /**
   * An account that only whoever knows its password opens.
   *
   * @throws ForbiddenException for the demo's teacher, who has none: what were hers would be whoever's sits here
   */
  async withPassword(id: string): Promise<AccountRow> {
    const row = await this.one(id);
    if (row.passwordHash === null)
      throw new ForbiddenException(
        'The demo’s teacher has no password, so that no other hall can be hers. Sign out, and use your own account.',
      );
    return row;
  }

  /**
   * Changes an account by what it is while nobody else changes it.
   *
   * @param change what becomes of it; undefined: it stays as it is
   * @returns whether it was changed
   */
  async withLocked(
    id: string,
    change: (account: AccountRow) => Promise<Partial<AccountRow> | undefined>,
  ): Promise<boolean> {
    return this.sequelize.transaction(async (transaction) => {
      const row = await this.accounts.findByPk(id, { transaction, lock: transaction.LOCK.UPDATE });
      const changes = row && (await change(row));
      if (changes) await row.update(changes, { transaction });
      return Boolean(changes);
    });
  }

  async hallsOf(accountId: string): Promise<HallOfAccount[]> {
    return this.sequelize.query(HALLS, { replacements: { accountId }, type: QueryTypes.SELECT });
  }

  async membersOf(hallId: string): Promise<Member[]> {
    return this.sequelize.query(MEMBERS, { replacements: { hallId }, type: QueryTypes.SELECT });
  }

  /** Whether anybody can sign in here with a password. */
  async hasOwner(): Promise<boolean> {
    return (await this.accounts.count({ where: this.sequelize.literal('passwordHash IS NOT NULL') })) > 0;
  }

  /** The demo hall, if it is there, and who is its owner. */
  async demo(): Promise<{ hall: HallRow; accountId: string } | undefined> {
    const hall = await this.halls.findOne({ where: { isDemo: true } });
    const owner = hall && (await this.memberships.findOne({ where: { hallId: hall.id, role: 'owner' } }));
    return hall && owner ? { hall, accountId: owner.accountId } : undefined;
  }

  /** A hall that nobody belongs to: of an installation from before there were accounts, or begun without the demo. */
  async orphanHall(): Promise<string | undefined> {
    const [row] = await this.sequelize.query<{ id: string }>(ORPHAN, { type: QueryTypes.SELECT });
    return row?.id;
  }

  /** An account that belongs to no hall yet. */
  async createAccount(columns: NewAccount, transaction?: Transaction): Promise<AccountRow> {
    return this.accounts.create(
      { ...columns, hasCodes: false, recoveryCodes: [] },
      transaction ? { transaction } : {},
    );
  }

  async addMember(
    accountId: string,
    hallId: string,
    role: Exclude<Role, 'person'>,
    transaction?: Transaction,
  ): Promise<void> {
    await this.memberships.upsert({ accountId, hallId, role }, transaction ? { transaction } : {});
  }

  /**
   * An account in a hall: both or neither.
   *
   * @param first what else belongs to it: what it throws leaves nothing behind
   */
  async createMember(
    columns: NewAccount,
    hallId: string,
    role: Exclude<Role, 'person'>,
    first: (transaction: Transaction) => Promise<void> = async () => undefined,
  ): Promise<AccountRow> {
    return this.sequelize.transaction(async (transaction) => {
      await first(transaction);
      const account = await this.createAccount(columns, transaction);
      await this.addMember(account.id, hallId, role, transaction);
      return account;
    });
  }

  async roleOf(accountId: string, hallId: string): Promise<Role | undefined> {
    return (await this.memberships.findOne({ where: { accountId, hallId } }))?.role;
  }

  /**
   * Changes or takes away what somebody is in a hall, as long as an owner is left.
   *
   * @param role undefined: no longer in it
   * @returns whether it was done; not where she is its last owner
   */
  async changeMember(
    accountId: string,
    hallId: string,
    role: Exclude<Role, 'person'> | undefined,
  ): Promise<boolean> {
    return this.sequelize.transaction(async (transaction) => {
      // Of two owners who take each other's place at once, one is left.
      const all = await this.memberships.findAll({
        where: { hallId },
        transaction,
        lock: transaction.LOCK.UPDATE,
      });
      const member = all.find((one) => one.accountId === accountId);
      if (!member) throw new NotFoundException('This person does not belong to the hall.');
      const isLast = all.filter((one) => one.role === 'owner').length === 1 && member.role === 'owner';
      if (isLast && role !== 'owner') return false;
      if (role) await this.memberships.update({ role }, { where: { accountId, hallId }, transaction });
      else await this.memberships.destroy({ where: { accountId, hallId }, transaction });
      return true;
    });
  }

  /** Takes accounts away that belong to no hall. */
  async forgetIdle(): Promise<void> {
    await this.sequelize.query(FORGOTTEN);
  }

  /**
   * Removes the demo hall with everything in it, and accounts that belong to no other; it does not come back by
   * itself.
   */
  async removeDemo(hallId: string): Promise<void> {
    await this.sequelize.transaction(async (transaction) => {
      await this.halls.destroy({ where: { id: hallId }, transaction });
      await this.settings.upsert({ name: NO_DEMO, value: true }, { transaction });
      await this.sequelize.query(FORGOTTEN, { transaction });
    });
  }
}
