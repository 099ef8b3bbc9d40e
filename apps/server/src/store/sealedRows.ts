import { Injectable } from '@nestjs/common';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { Unreadable, Vault } from '../common/vault.js';
import type { CheckedSealsDto } from './store.dto.js';
import { placeIn, SEALED, type SealedColumn } from './sealedColumns.js';

/** So many rows are looked at together. */
const TOGETHER = 50;
/** Of a sealed value enough to tell it from every other: its key and its 16 letters of IV, characters. */
const HEAD = 120;

type Value = string | Buffer;
type Found = Record<string, string | number> & { id: string; value: Value };

/** Everything that is sealed, row by row: sealed anew under a new key, and looked through for what does not open. */
@Injectable()
export class SealedRows {
  constructor(
    private readonly sequelize: Sequelize,
    private readonly vault: Vault,
  ) {}

  /**
   * Seals under the current key what is sealed under another; what cannot be opened is left as it is. What somebody
   * saves meanwhile is not touched.
   *
   * @returns how many were
   */
  async turn(): Promise<number> {
    let turned = 0;
    for (const column of Object.values(SEALED))
      for await (const row of this.rowsOf(column, true)) {
        const again = this.again(column, row);
        if (!again) continue;
        await this.sequelize.query(
          `UPDATE ${column.table} SET ${column.column} = :again
           WHERE id = :id AND LEFT(${column.column}, ${HEAD}) = :head`,
          { replacements: { again, id: row.id, head: row.value.slice(0, HEAD) } },
        );
        turned++;
      }
    if (turned) console.log(`${turned} values are sealed under the key ${this.vault.current} now.`);
    return turned;
  }

  /** Opens everything. */
  async check(): Promise<CheckedSealsDto> {
    const checked = { key: this.vault.current, sealed: 0, earlier: 0, unreadable: 0 };
    const head = `v1.${this.vault.current}.`;
    for (const column of Object.values(SEALED))
      for await (const row of this.rowsOf(column, false)) {
        checked.sealed++;
        if (row.value.slice(0, head.length).toString() !== head) checked.earlier++;
        if (this.open(column, row) === undefined) checked.unreadable++;
      }
    return checked;
  }

  private again(column: SealedColumn, row: Found): Value | undefined {
    const value = this.open(column, row);
    if (value === undefined) return undefined;
    const place = placeOf(column, row);
    return typeof value === 'string' ? this.vault.seal(value, place) : this.vault.sealBytes(value, place);
  }

  private open(column: SealedColumn, row: Found): Value | undefined {
    try {
      const place = placeOf(column, row);
      return typeof row.value === 'string'
        ? this.vault.open(row.value, place)
        : this.vault.openBytes(row.value, place);
    } catch (error) {
      if (error instanceof Unreadable) return undefined;
      throw error;
    }
  }

  /** @param old only what is sealed under another key than the current */
  private async *rowsOf({ table, column, row }: SealedColumn, old: boolean): AsyncGenerator<Found> {
    const head = `v1.${this.vault.current}.`;
    const isOld = old ? `AND LEFT(${column}, ${head.length}) <> :head` : '';
    const keys = [...new Set(['id', ...row])].map((one) => `\`${one}\``).join();
    for (let last = ''; ;) {
      const part = await this.sequelize.query<Found>(
        `SELECT ${keys}, ${column} AS value FROM ${table}
         WHERE id > :last AND ${column} IS NOT NULL ${isOld} ORDER BY id LIMIT ${TOGETHER}`,
        { replacements: { last, head }, type: QueryTypes.SELECT },
      );
      yield* part;
      if (part.length < TOGETHER) return;
      last = part.at(-1)!.id;
    }
  }
}

const placeOf = (column: SealedColumn, row: Found): string =>
  placeIn(column, ...column.row.map((key) => row[key]!));
