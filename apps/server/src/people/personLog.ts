import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { QueryTypes, type Transaction } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { Unreadable, Vault } from '../common/vault.js';
import type { PersonVersionDto } from './person.dto.js';
import { PersonVersionRow } from './personVersion.model.js';

/** So many changes are read back. */
const READ = 100;

const LATEST = `
  SELECT v.id, v.version, v.sealed, v.savedAt, a.name AS \`by\`
  FROM person_versions v LEFT JOIN accounts a ON a.id = v.accountId
  WHERE v.personId = :personId ORDER BY v.version DESC LIMIT :most`;
type Found = Pick<PersonVersionRow, 'id' | 'version' | 'sealed' | 'savedAt'> & { by: string | null };

const placeOf = (id: string): string => `person_versions:sealed:${id}`;

/** How people were known from each change on; readable only with the key. */
@Injectable()
export class PersonLog {
  constructor(
    @InjectModel(PersonVersionRow) private readonly rows: typeof PersonVersionRow,
    private readonly vault: Vault,
    private readonly sequelize: Sequelize,
  ) {}

  /** Keeps what is known from a version on. @param accountId whose change it was */
  async keep(
    { personId, version, accountId }: { personId: string; version: number; accountId?: string },
    written: object,
    transaction: Transaction,
  ): Promise<void> {
    const id = randomUUID();
    const sealed = this.vault.seal(JSON.stringify(written), placeOf(id));
    await this.rows.create(
      { id, personId, version, accountId: accountId ?? null, sealed, savedAt: new Date() },
      { transaction },
    );
  }

  /** Whether a version is kept. */
  async has(personId: string, version: number, transaction: Transaction): Promise<boolean> {
    return (await this.rows.count({ where: { personId, version }, transaction })) > 0;
  }

  /** The latest first. What cannot be read is said, and nothing of it is lost. */
  async of(personId: string): Promise<PersonVersionDto[]> {
    const found = await this.sequelize.query<Found>(LATEST, {
      replacements: { personId, most: READ },
      type: QueryTypes.SELECT,
    });
    return found.map(({ id, version, sealed, savedAt, by }) => ({
      version,
      savedAt: savedAt.toISOString(),
      ...(by ? { by } : {}),
      ...this.opened(id, sealed),
    }));
  }

  private opened(id: string, sealed: string): Pick<PersonVersionDto, 'written' | 'unreadable'> {
    try {
      return {
        written: JSON.parse(this.vault.open(sealed, placeOf(id))) as PersonVersionDto['written'] & object,
      };
    } catch (error) {
      if (error instanceof Unreadable) return { unreadable: true };
      throw error;
    }
  }
}
