import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { LRUCache } from 'lru-cache';
import { Op, QueryTypes, type Transaction } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import type { RequestContext } from '../common/context.js';
import type { PageDto } from '../common/page.dto.js';
import { Unreadable, Vault } from '../common/vault.js';
import { Transactions } from '../database/transactions.js';
import type { Entry } from './entry.js';
import type { CheckedTrailDto, TrailEntryDto } from './trail.dto.js';
import { TrailHeadRow, TrailRow } from './trail.model.js';

/** Who looks again at the same within this is noted once, milliseconds. */
const SAME_LOOK = 5 * 60 * 1000;
const LOOKS_KEPT = 20_000;
/** So many entries are looked through at a time. */
const CHECKED_TOGETHER = 2000;

/** Who notes: an account or a person, or what does something by itself. */
export type Noter = Pick<RequestContext, 'hallId' | 'userId' | 'role'> | { hallId: string; by: string };

type Waiting = Pick<TrailRow, 'at' | 'who' | 'role' | 'did' | 'what' | 'personId' | 'classId' | 'counts'>;

const ENTRIES = `
  SELECT t.number, t.at, t.role, t.did, t.what, t.personId, t.classId, t.counts,
    COALESCE(a.name, w.name) AS who, p.name AS person, c.title
  FROM trail_entries t
  LEFT JOIN accounts a ON a.id = t.who
  LEFT JOIN people w ON w.id = t.who
  LEFT JOIN people p ON p.id = t.personId
  LEFT JOIN classes c ON c.id = t.classId
  WHERE t.hallId = :hallId AND (:personId IS NULL OR t.personId = :personId OR t.what = 'list of people'
    OR (t.personId IS NULL AND t.classId IN (SELECT classId FROM class_people WHERE personId = :personId)))
  ORDER BY t.number DESC LIMIT :from, :most`;

/**
 * Who has read and changed what is known of people. Each entry carries a print, made with a key that is not in the
 * database, of itself and of the one before: one that is changed, put in or taken out shows.
 */
@Injectable()
export class Trail {
  private readonly looks = new LRUCache<string, true>({ max: LOOKS_KEPT, ttl: SAME_LOOK });
  private readonly waiting = new Map<string, Waiting[]>();
  private readonly writing = new Map<string, Promise<void>>();

  constructor(
    @InjectModel(TrailRow) private readonly entries: typeof TrailRow,
    @InjectModel(TrailHeadRow) private readonly heads: typeof TrailHeadRow,
    private readonly transactions: Transactions,
    private readonly vault: Vault,
    private readonly sequelize: Sequelize,
  ) {}

  /** Notes an act. It is in the database when this is over; those of one moment are written together. */
  async note(noter: Noter, entry: Entry, now = new Date()): Promise<void> {
    const { hallId } = noter;
    const [who, role] = 'by' in noter ? [noter.by, 'itself'] : [noter.userId, noter.role];
    const look = lookOf(hallId, who, entry);
    if (entry.did === 'read' && this.looks.has(look)) return;
    const { did, what, personId = null, classId = null, counts } = entry;
    const list = this.waiting.get(hallId) ?? [];
    list.push({
      ...{ at: now.toISOString(), who, role, did, what, personId, classId },
      counts: counts ? JSON.stringify(counts) : null,
    });
    this.waiting.set(hallId, list);
    await this.written(hallId);
    if (entry.did === 'read') this.looks.set(look, true);
  }

  /** Whether somebody has looked at the same a moment ago, and it is noted. */
  hasLooked({ hallId, userId }: RequestContext, entry: Entry): boolean {
    return entry.did === 'read' && this.looks.has(lookOf(hallId, userId, entry));
  }

  /** The latest first. @param personId of whom; all where left out */
  async list(
    { hallId }: RequestContext,
    { from, most }: PageDto,
    personId?: string,
  ): Promise<TrailEntryDto[]> {
    type Found = Omit<TrailEntryDto, 'counts'> & { counts: string | null };
    const rows = await this.sequelize.query<Found>(ENTRIES, {
      replacements: { hallId, personId: personId ?? null, from, most },
      type: QueryTypes.SELECT,
    });
    return rows.map(({ counts, ...row }) => ({
      ...row,
      ...(counts ? { counts: JSON.parse(counts) as Record<string, number> } : {}),
    }));
  }

  /** Looks whether the chain of a hall is whole, from its first entry to its last. */
  async check({ hallId }: RequestContext): Promise<CheckedTrailDto> {
    const head = await this.heads.findByPk(hallId);
    let print = '';
    let last = 0;
    for (;;) {
      const part = await this.entries.findAll({
        where: { hallId, number: { [Op.gt]: last } },
        order: [['number', 'ASC']],
        limit: CHECKED_TOGETHER,
        raw: true,
      });
      for (const row of part) {
        if (row.number !== last + 1 || !this.holds(row.print, printed(print, row)))
          return { entries: last, brokenAt: last + 1 };
        ({ print, number: last } = row);
      }
      if (part.length < CHECKED_TOGETHER) break;
    }
    // Entries that came while this was read are behind the head that was.
    const isWhole = head ? last >= head.number && this.holds(head.seal, sealed(head)) : last === 0;
    return { entries: last, brokenAt: isWhole ? null : last + 1 };
  }

  private holds(print: string, text: string): boolean {
    try {
      return this.vault.print(text, print.slice(0, print.lastIndexOf('.'))) === print;
    } catch (error) {
      if (error instanceof Unreadable) return false;
      throw error;
    }
  }

  /** Writes what waits; what could not be written waits on. */
  private async written(hallId: string): Promise<void> {
    // Who waits for what another writes tries herself where that fails.
    while (this.writing.has(hallId)) await this.writing.get(hallId)!.catch(() => undefined);
    const entries = this.waiting.get(hallId);
    if (!entries?.length) return;
    const under = this.transactions
      .apart(async (transaction) => this.append(hallId, entries.slice(), transaction))
      .then((count) => void entries.splice(0, count.number))
      .finally(() => this.writing.delete(hallId));
    this.writing.set(hallId, under);
    await under;
  }

  private async append(
    hallId: string,
    entries: readonly Waiting[],
    transaction: Transaction,
  ): Promise<{ number: number }> {
    await this.sequelize.query(
      "INSERT IGNORE INTO trail_heads (hallId, number, print, seal) VALUES (?, 0, '', '')",
      { replacements: [hallId], transaction },
    );
    const head = await this.heads.findByPk(hallId, { transaction, lock: transaction.LOCK.UPDATE });
    // Of a hall that is not there nothing was read.
    if (!head) return { number: entries.length };
    let { number, print } = head;
    const rows = entries.map((entry) => {
      const row = { ...entry, hallId, number: ++number };
      print = this.vault.print(printed(print, row));
      return { ...row, print };
    });
    await this.entries.bulkCreate(rows, { transaction });
    await head.update(
      { number, print, seal: this.vault.print(sealed({ hallId, number, print })) },
      { transaction },
    );
    return { number: entries.length };
  }
}

const lookOf = (hallId: string, who: string, { what, personId, classId }: Entry): string =>
  `${hallId} ${who} ${what} ${personId} ${classId}`;

/** All that an entry says, and the print of the one before. */
const printed = (
  before: string,
  {
    hallId,
    number,
    at,
    who,
    role,
    did,
    what,
    personId,
    classId,
    counts,
  }: Waiting & { hallId: string; number: number },
): string => JSON.stringify([before, hallId, number, at, who, role, did, what, personId, classId, counts]);

const sealed = ({ hallId, number, print }: Pick<TrailHeadRow, 'hallId' | 'number' | 'print'>): string =>
  JSON.stringify(['head', hallId, number, print]);
