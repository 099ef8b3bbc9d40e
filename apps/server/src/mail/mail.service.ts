import { randomUUID } from 'node:crypto';
import { ConflictException, Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import type { RequestContext } from '../common/context.js';
import { Vault } from '../common/vault.js';
import { HomeService } from '../home/home.service.js';
import { LetterService } from '../letters/letter.service.js';
import { PersonRow } from '../people/person.model.js';
import { PersonRepository } from '../people/person.repository.js';
import { placeIn, SEALED } from '../store/sealedColumns.js';
import { openJson, sealJson } from '../store/sealedJson.js';
import { Transactions } from '../database/transactions.js';
import type { MailDraftDto, MailDto, OutboxDto } from './mail.dto.js';
import { MailRow, type SealedMail } from './mail.model.js';
import { Postman } from './postman.js';

/** So many of the last are shown. */
const SHOWN = 100;
const FILES = { home: 'Practice at home.pdf', letter: 'Letter.pdf' } as const;

/** What goes out by mail: kept exactly as it goes, and sent where a mail server is set. */
@Injectable()
export class MailService {
  constructor(
    @InjectModel(MailRow) private readonly rows: typeof MailRow,
    private readonly people: PersonRepository,
    private readonly home: HomeService,
    private readonly letters: LetterService,
    private readonly transactions: Transactions,
    private readonly vault: Vault,
    private readonly postman: Postman,
  ) {}

  /** The latest first. @throws Unreadable */
  async outbox({ hallId }: RequestContext): Promise<OutboxDto> {
    const rows = await this.rows.findAll({
      attributes: { exclude: ['file'] },
      include: [{ model: PersonRow, where: { hallId }, attributes: ['name'], required: true }],
      order: [['createdAt', 'DESC']],
      limit: SHOWN,
    });
    const { from } = this.postman;
    return {
      mails: rows.map((row) => this.opened(row)),
      isOn: from !== undefined,
      ...(from ? { from } : {}),
    };
  }

  /** Puts something into the outbox, and sends it where a mail server is set. @throws NotFoundException */
  async put(
    context: RequestContext,
    personId: string,
    { kind, to, subject, text, home, letter }: MailDraftDto,
  ): Promise<MailDto> {
    await this.people.there(context, personId);
    const bytes =
      kind === 'home'
        ? await this.home.pdf(context, personId, home!)
        : await this.letters.pdf(context, letter!);
    const id = randomUUID();
    const sealed: SealedMail = { to, subject, text, fileName: FILES[kind] };
    await this.transactions.run(async (transaction) => {
      await this.rows.create(
        {
          ...{ id, personId, kind, sentAt: null, problem: null },
          sealed: sealJson(this.vault, SEALED.mail, [id], sealed),
          file: this.vault.sealBytes(bytes, placeIn(SEALED.mailFile, id)),
        },
        { transaction },
      );
    });
    if (this.postman.from !== undefined) await this.send(context, id);
    return this.opened(await this.one(context, id));
  }

  /** Sends it, or tries again. @throws ConflictException where no mail server is set, or it was sent */
  async send(context: RequestContext, id: string): Promise<MailDto> {
    const row = await this.one(context, id);
    if (this.postman.from === undefined)
      throw new ConflictException('No mail server is set: it can be read here, and sent by hand.');
    if (row.sentAt) throw new ConflictException('It was sent already.');
    const { fileName, ...going } = this.sealedOf(row);
    const file = row.file && fileName ? { name: fileName, bytes: this.fileOf(row) } : undefined;
    const problem = await this.postman.take({ ...going, ...(file ? { file } : {}) });
    await row.update(problem ? { problem } : { sentAt: new Date(), problem: null });
    return this.opened(row);
  }

  /** The file that goes with it. @throws NotFoundException */
  async file(context: RequestContext, id: string): Promise<Buffer> {
    const row = await this.one(context, id);
    if (!row.file) throw new NotFoundException('Nothing goes with it.');
    return this.fileOf(row);
  }

  async remove(context: RequestContext, id: string): Promise<void> {
    await (await this.one(context, id)).destroy();
  }

  private async one({ hallId }: RequestContext, id: string): Promise<MailRow> {
    const row = await this.rows.findOne({
      where: { id },
      include: [{ model: PersonRow, where: { hallId }, attributes: ['name'], required: true }],
    });
    if (!row) throw new NotFoundException('This is no longer in the outbox.');
    return row;
  }

  private fileOf = ({ id, file }: MailRow): Buffer =>
    Buffer.from(this.vault.openBytes(file!, placeIn(SEALED.mailFile, id)));

  private sealedOf = ({ id, sealed }: MailRow): SealedMail =>
    openJson<SealedMail>(this.vault, SEALED.mail, [id], sealed);

  private opened(row: MailRow): MailDto {
    const { id, personId, person, kind, createdAt, sentAt, problem } = row;
    return {
      ...{ id, personId, person: person!.name, kind, createdAt: createdAt.toISOString() },
      ...(sentAt ? { sentAt: sentAt.toISOString() } : {}),
      ...(problem ? { problem } : {}),
      ...this.sealedOf(row),
    };
  }
}
