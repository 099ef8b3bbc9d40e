import { BadRequestException, ConflictException, Injectable, NotFoundException } from '@nestjs/common';
import type { RequestContext, Role } from '../common/context.js';
import { FieldsException } from '../common/problems.js';
import { HallRepository } from '../halls/hall.repository.js';
import type {
  InvitationDraftDto,
  InvitationDto,
  LinkDto,
  MemberDto,
  NewLinkDto,
  TakeLinkDto,
} from './account.dto.js';
import type { AccountRow, LinkRow } from './account.model.js';
import { AccountRepository } from './account.repository.js';
import { Links } from './links.js';
import { hashPassword, passwordErrors } from './passwords.js';
import { SessionService, type Caller } from './session.service.js';
import { Sessions } from './sessions.js';
import { signInName } from './signInName.js';

const LAST_OWNER = 'A hall has an owner. Make somebody else one first.';

/** Who belongs to a hall, and how they come in. */
@Injectable()
export class MemberService {
  constructor(
    private readonly accounts: AccountRepository,
    private readonly halls: HallRepository,
    private readonly links: Links,
    private readonly sessions: Sessions,
    private readonly signIns: SessionService,
  ) {}

  async list({ hallId }: RequestContext): Promise<MemberDto[]> {
    return (await this.accounts.membersOf(hallId)).map(({ id, name, signIn, hasCodes, role }) => ({
      id,
      name,
      ...(signIn ? { signIn } : {}),
      hasCodes: Boolean(hasCodes),
      role,
    }));
  }

  async changeRole({ hallId }: RequestContext, id: string, role: Exclude<Role, 'person'>): Promise<void> {
    if (!(await this.accounts.changeMember(id, hallId, role))) throw new ConflictException(LAST_OWNER);
  }

  /** She is out at once, wherever she is signed in. */
  async remove({ hallId }: RequestContext, id: string): Promise<void> {
    if (!(await this.accounts.changeMember(id, hallId, undefined))) throw new ConflictException(LAST_OWNER);
    await this.sessions.endAll(id, { hallId });
  }

  async invite({ hallId }: RequestContext, { name, role }: InvitationDraftDto): Promise<NewLinkDto> {
    return this.links.make({ hallId, kind: 'invitation', name: name.trim(), role });
  }

  async invitations({ hallId }: RequestContext): Promise<InvitationDto[]> {
    return (await this.links.of({ hallId, kind: 'invitation' })).map(({ id, name, role, endsAt }) => ({
      id,
      name: name!,
      role: role!,
      endsAt: endsAt.toISOString(),
    }));
  }

  async takeBack({ hallId }: RequestContext, id: string): Promise<void> {
    if (!(await this.links.takeBack({ hallId, id, kind: 'invitation' })))
      throw new NotFoundException('This invitation is no longer there.');
  }

  /** A link with which somebody sets her password anew; until then the old one holds. */
  async reset({ hallId }: RequestContext, id: string): Promise<NewLinkDto> {
    if (!(await this.accounts.roleOf(id, hallId)))
      throw new NotFoundException('This person does not belong to the hall.');
    // Who belongs to two halls is not let into one by the owner of the other.
    const elsewhere = (await this.accounts.hallsOf(id)).some((hall) => hall.id !== hallId);
    if (elsewhere)
      throw new ConflictException(
        'She belongs to another hall too: she changes her password herself, signed in.',
      );
    await this.links.takeBack({ hallId, kind: 'reset', accountId: id });
    return this.links.make({ hallId, kind: 'reset', accountId: id });
  }

  /** What a link is for. @throws NotFoundException where it opens nothing */
  async look(secret: string): Promise<LinkDto> {
    const link = await this.links.open(secret, ['invitation', 'reset']);
    const { name: hall } = await this.halls.of({ hallId: link.hallId });
    if (link.kind === 'invitation') return { kind: 'invitation', hall, name: link.name!, role: link.role! };
    const { name, signIn } = await this.accounts.one(link.accountId!);
    return { kind: 'reset', hall, name, ...(signIn ? { signIn } : {}) };
  }

  /** Takes up a link, with a new account or a new password, and signs in. @returns the session's secret */
  async take(taken: TakeLinkDto, caller: Caller): Promise<string> {
    const link = await this.links.open(taken.secret, ['invitation', 'reset']);
    const account = link.kind === 'reset' ? await this.reused(link, taken) : await this.joined(link, taken);
    return this.signIns.beginFor(account, caller);
  }

  /** Somebody who is signed in takes up an invitation with the account she has. */
  async joinAs(context: RequestContext, secret: string): Promise<void> {
    await this.accounts.withPassword(context.userId);
    const link = await this.links.open(secret, ['invitation']);
    const has = await this.accounts.roleOf(context.userId, link.hallId);
    if (has) throw new ConflictException('You belong to this hall already.');
    await this.links.use(link);
    await this.accounts.addMember(context.userId, link.hallId, link.role!);
    await this.signIns.moveTo(context, link.hallId);
  }

  private async joined(link: LinkRow, { name, signIn, password }: TakeLinkDto): Promise<AccountRow> {
    if (!name?.trim() || !signIn)
      throw new BadRequestException('A name, and what you sign in with, are needed.');
    const { name: hall } = await this.halls.of({ hallId: link.hallId });
    const known = signInName(signIn);
    const errors = passwordErrors(password, [name, hall, known]);
    if (await this.accounts.bySignIn(known))
      errors.push({
        field: 'signIn',
        message: 'This is taken. If it is yours, sign in and open the link again.',
      });
    if (errors.length) throw new FieldsException(errors);
    const passwordHash = await hashPassword(password);
    const account = { name: name.trim(), signIn: known, passwordHash };
    return this.accounts.createMember(account, link.hallId, link.role!, (transaction) =>
      this.links.use(link, transaction),
    );
  }

  private async reused(link: LinkRow, { password }: TakeLinkDto): Promise<AccountRow> {
    const account = await this.accounts.one(link.accountId!);
    const { name: hall } = await this.halls.of({ hallId: link.hallId });
    const errors = passwordErrors(password, [account.name, hall, account.signIn ?? '']);
    if (errors.length) throw new FieldsException(errors);
    const passwordHash = await hashPassword(password);
    await this.links.use(link);
    // Whoever lost her password may have lost her phone: the owner who sent the link knows that it is her.
    await account.update({
      passwordHash,
      hasCodes: false,
      codeSecret: null,
      lastCodeStep: null,
      recoveryCodes: [],
    });
    await this.sessions.endAll(account.id);
    return account;
  }
}
