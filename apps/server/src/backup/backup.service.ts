import { createWriteStream, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import type { Readable } from 'node:stream';
import {
  ConflictException,
  Inject,
  Injectable,
  type OnModuleDestroy,
  type OnModuleInit,
} from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { placeOf } from '../common/placeOf.js';
import { Vault, type KeyRing } from '../common/vault.js';
import { writeWhole } from '../database/backUp.js';
import { SettingRow } from '../database/setting.model.js';
import { COPIES, copiesIn } from '../erasure/copies.js';
import { HALL_KEY } from '../halls/hallTokens.js';
import type { BackupStateDto } from './backup.dto.js';
import { keptByRule } from './keptByRule.js';
import { writeBackup } from './writeBackup.js';

/** What a copy is made of: the database, and what opens what is sealed in it. */
export const BACKUP_OF = Symbol('backup of');
export interface BackupOf {
  url: string;
  ring: KeyRing;
}

/** The setting that has the passphrase, sealed, and its place. */
const PASSPHRASE = 'backup-passphrase';
const MINUTE = 60 * 1000;
const HOUR = 60 * MINUTE;
const DAY = 24 * HOUR;
/** Copies of the schedule are called so. */
const OURS = /^lotus-steady-.*\.age$/;

/** Copies of everything, encrypted with a passphrase: at once, and once a day. */
@Injectable()
export class BackupService implements OnModuleInit, OnModuleDestroy {
  private timer?: NodeJS.Timeout;
  private first?: NodeJS.Timeout;
  private making: Promise<void> | undefined;
  private problem: string | undefined;

  constructor(
    @Inject(BACKUP_OF) private readonly of: BackupOf,
    @Inject(COPIES) private readonly folder: string | null,
    @Inject(HALL_KEY) private readonly hallKey: string | null,
    @InjectModel(SettingRow) private readonly settings: typeof SettingRow,
    private readonly vault: Vault,
  ) {}

  onModuleInit(): void {
    if (!this.isHere) return;
    this.timer = setInterval(() => void this.makeIfDue(), HOUR).unref();
    this.first = setTimeout(() => void this.makeIfDue(), MINUTE).unref();
  }

  async onModuleDestroy(): Promise<void> {
    clearInterval(this.timer);
    clearTimeout(this.first);
    await this.making;
  }

  /** Of a server of many halls no hall takes all the others along. */
  private get isHere(): boolean {
    return this.folder !== null && this.hallKey === null;
  }

  async state(): Promise<BackupStateDto> {
    const isOn = (await this.passphrase()) !== undefined;
    return {
      ...{ isHere: this.isHere, isOn },
      copies: this.ours()
        .map(({ name, madeAt }) => ({
          ...{ name, madeAt: madeAt.toISOString() },
          size: statSync(join(this.folder!, name)).size,
        }))
        .reverse(),
      ...(this.problem ? { problem: this.problem } : {}),
    };
  }

  /** Sets what later copies are encrypted with, and makes the first one. */
  async setPassphrase(passphrase: string): Promise<void> {
    this.needed();
    await this.settings.upsert({ name: PASSPHRASE, value: this.vault.seal(passphrase, PASSPHRASE) });
    await this.make();
  }

  /** No more copies by themselves; those that are there stay. */
  async forgetPassphrase(): Promise<void> {
    await this.settings.destroy({ where: { name: PASSPHRASE } });
  }

  /**
   * Everything as one file, while it is written.
   *
   * @throws ConflictException where no passphrase is set, or this is no place for it
   */
  async file(): Promise<Readable> {
    this.needed();
    const passphrase = await this.passphrase();
    if (passphrase === undefined) throw new ConflictException('Set a passphrase first.');
    return writeBackup({ ...this.of, passphrase, madeAt: new Date() });
  }

  /** Makes a copy where the last is a day old. */
  async makeIfDue(now = Date.now()): Promise<void> {
    const last = this.ours().at(-1);
    if (last && +last.madeAt > now - DAY + HOUR / 2) return;
    if ((await this.passphrase().catch(() => undefined)) !== undefined) await this.make(now);
  }

  /** Makes a copy beside the database, and takes those away that the rule no longer keeps. */
  async make(now = Date.now()): Promise<void> {
    this.making ??= this.makeOne(now).finally(() => {
      this.making = undefined;
    });
    await this.making;
  }

  private async makeOne(now: number): Promise<void> {
    const madeAt = new Date(now);
    const name = `lotus-steady-${madeAt.toISOString().slice(0, 19).replaceAll(':', '')}.age`;
    const passphrase = (await this.passphrase())!;
    try {
      await writeWhole(join(this.folder!, name), async (unfinished) => {
        const file = await writeBackup({ ...this.of, passphrase, madeAt });
        await pipeline(file, createWriteStream(unfinished, { mode: 0o600 }));
      });
      this.problem = undefined;
    } catch (error) {
      this.problem = 'The last copy could not be written.';
      console.error(`A copy could not be written: ${placeOf(error)}`);
      return;
    }
    const ours = this.ours();
    const kept = new Set(keptByRule(ours, now));
    for (const copy of ours) if (!kept.has(copy)) rmSync(join(this.folder!, copy.name), { force: true });
  }

  private ours() {
    return this.isHere ? copiesIn(this.folder).filter(({ name }) => OURS.test(name)) : [];
  }

  private async passphrase(): Promise<string | undefined> {
    const row = this.isHere ? await this.settings.findByPk(PASSPHRASE) : null;
    return row ? this.vault.open(row.value as string, PASSPHRASE) : undefined;
  }

  private needed(): void {
    if (!this.isHere)
      throw new ConflictException(
        'Copies are made by whoever keeps this server: it serves more than this hall.',
      );
  }
}
