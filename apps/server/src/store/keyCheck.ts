import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { Unreadable, Vault } from '../common/vault.js';
import { SettingRow } from '../database/setting.model.js';

/** The setting that tells whether the keys are those of this database: a word that was sealed with them. */
const KEYS = 'keys';
/** An empty database, or one of before, has no settings. */
const THERE = `
  SELECT 1 FROM information_schema.TABLES
  WHERE TABLE_SCHEMA = DATABASE() AND TABLE_NAME = 'settings'`;
const WORD = 'This database opens with these keys.';

/** Whether the keys that are here are those that the database was sealed with. */
@Injectable()
export class KeyCheck {
  constructor(
    @InjectModel(SettingRow) private readonly settings: typeof SettingRow,
    private readonly vault: Vault,
    private readonly sequelize: Sequelize,
  ) {}

  /**
   * Looks before anything is changed. @throws where the keys are others: what was sealed could not be read, and what
   * would be written could not be read by whoever has the right ones
   */
  async check(): Promise<void> {
    const { length } = await this.sequelize.query(THERE, { type: QueryTypes.SELECT });
    const row = length ? await this.settings.findByPk(KEYS) : null;
    // Nothing was sealed by whoever made a database without it.
    if (!row) return;
    try {
      this.vault.open(row.value as string, KEYS);
    } catch (error) {
      if (!(error instanceof Unreadable)) throw error;
      throw new Error(
        'What is private in this database was encrypted with a key that is not in the file of keys. Put the file ' +
          'back that belongs to this database, or a copy of it. Nothing was changed, and nothing is lost while it ' +
          'is kept.',
      );
    }
  }

  /** Remembers the keys that are here, once everything opens with them. */
  async remember(): Promise<void> {
    await this.settings.upsert({ name: KEYS, value: this.vault.seal(WORD, KEYS) });
  }
}
