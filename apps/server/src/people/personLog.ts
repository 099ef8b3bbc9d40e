import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { QueryTypes, type Transaction } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { Unreadable, Vault } from '../common/vault.js';
import { SEALED } from '../store/sealedColumns.js';
import { openJson, sealJson } from '../store/sealedJson.js';
import type { PersonLineDto, PersonVersionDto } from './person.dto.js';
import { PersonVersionRow } from './personVersion.model.js';

/** So many changes are read back. */
const READ = 100;

/** Somebody of whom one wants to know more. */
export interface Known {
  id: string;
  name: string;
  version: number;
}

const LATEST = `
  SELECT v.version, v.sealed, v.savedAt, a.name AS \`by\`
  FROM person_versions v LEFT JOIN accounts a ON a.id = v.accountId
  WHERE v.personId = :personId ORDER BY v.version DESC LIMIT :most`;
type Found = Pick<PersonVersionRow, 'version' | 'sealed' | 'savedAt'> & { by: string | null };

const NOW = `
  SELECT p.id, p.name, p.version, v.sealed
  FROM people p JOIN person_versions v ON v.personId = p.id AND v.version = p.version
  WHERE p.hallId = :hallId AND p.removedAt IS NULL AND p.id IN (:ids)`;
type FoundNow = Known & { sealed: string };

/** What is known of somebody in one version, without who it is. */
type Written = Omit<PersonLineDto, 'id' | 'version'>;

/** How people were known from each change on, sealed: the one place where all that is known of them is. */
@Injectable()
export class PersonLog {
  constructor(
    @InjectModel(PersonVersionRow) private readonly rows: typeof PersonVersionRow,
    private readonly vault: Vault,
    private readonly sequelize: Sequelize,
  ) {}

  /** Keeps what is known from a version on. @param accountId whose change it was @param savedAt when it was */
  async keep(
    {
      personId,
      version,
      accountId,
      savedAt = new Date(),
    }: { personId: string; version: number; accountId?: string; savedAt?: Date },
    written: object,
    transaction: Transaction,
  ): Promise<void> {
    const sealed = sealJson(this.vault, SEALED.person, [personId, version], written);
    await this.rows.create(
      { id: randomUUID(), personId, version, accountId: accountId ?? null, sealed, savedAt },
      { transaction },
    );
  }

  /**
   * What is known of some people of a hall.
   *
   * @returns who can be read, in no order; the others are left out
   */
  async linesOf(hallId: string, ids: readonly string[]): Promise<PersonLineDto[]> {
    const rows = ids.length
      ? await this.sequelize.query<FoundNow>(NOW, {
          replacements: { hallId, ids: [...ids] },
          type: QueryTypes.SELECT,
        })
      : [];
    return rows.flatMap((row) => {
      try {
        return [this.line(row)];
      } catch (error) {
        if (error instanceof Unreadable) return [];
        throw error;
      }
    });
  }

  /** As {@link linesOf}, for one. @throws Unreadable */
  async lineOf({ id, name, version }: Known, transaction?: Transaction): Promise<PersonLineDto> {
    const row = await this.rows.findOne({
      where: { personId: id, version },
      ...(transaction ? { transaction } : {}),
    });
    if (!row) throw new Unreadable('What was known is gone.');
    return this.line({ id, name, version, sealed: row.sealed });
  }

  /** The latest first. What cannot be read is said, and nothing of it is lost. */
  async of(personId: string): Promise<PersonVersionDto[]> {
    const found = await this.sequelize.query<Found>(LATEST, {
      replacements: { personId, most: READ },
      type: QueryTypes.SELECT,
    });
    return found.map(({ version, sealed, savedAt, by }) => ({
      version,
      savedAt: savedAt.toISOString(),
      ...(by ? { by } : {}),
      ...this.opened(personId, version, sealed),
    }));
  }

  private line({ id, name, version, sealed }: FoundNow): PersonLineDto {
    const written = openJson<Written>(this.vault, SEALED.person, [id, version], sealed);
    // A name that was put over somebody else's data is not hers.
    if (written.name !== name) throw new Unreadable('This is kept under another name.');
    return { ...written, id, intake: written.intake ?? {}, version };
  }

  private opened(
    personId: string,
    version: number,
    sealed: string,
  ): Pick<PersonVersionDto, 'written' | 'unreadable'> {
    try {
      return { written: openJson(this.vault, SEALED.person, [personId, version], sealed) };
    } catch (error) {
      if (error instanceof Unreadable) return { unreadable: true };
      throw error;
    }
  }
}
