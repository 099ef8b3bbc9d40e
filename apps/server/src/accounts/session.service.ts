import {
  ForbiddenException,
  Inject,
  Injectable,
  NotFoundException,
  UnauthorizedException,
} from '@nestjs/common';
import type { RequestContext } from '../common/context.js';
import { FieldsException } from '../common/problems.js';
import { placeIn, SEALED } from '../store/sealedColumns.js';
import { Vault } from '../common/vault.js';
import { HallRepository } from '../halls/hall.repository.js';
import { HALL_KEY } from '../halls/hallTokens.js';
import type { AccountRow } from './account.model.js';
import { AccountRepository } from './account.repository.js';
import { codeStep, recoveryPrint } from './oneTimeCodes.js';
import { hashPassword, isPassword, passwordErrors } from './passwords.js';
import type { BeginDto, FirstOwnerDto, NewHallDto, SessionDto, SignInDto } from './session.dto.js';
import { Sessions } from './sessions.js';
import { signInName } from './signInName.js';
import { Throttle } from './throttle.js';

/** From where somebody asks, and with what. */
export interface Caller {
  /** The address, to slow down who guesses. */
  place: string;
  device: string;
  /** Whether she sits at this computer. */
  isHere: boolean;
}

/** 401, and the page asks for her one-time code. */
class CodeNeeded extends UnauthorizedException {
  constructor(message = 'Your one-time code, please.') {
    super({ statusCode: 401, message, needs: 'code' });
  }
}

const NOT_LET_IN = 'The name or the password is not right.';

/** Where a sealed secret of codes belongs. */
export const codePlace = (accountId: string): string => placeIn(SEALED.codeSecret, accountId);

@Injectable()
export class SessionService {
  constructor(
    private readonly accounts: AccountRepository,
    private readonly halls: HallRepository,
    private readonly sessions: Sessions,
    private readonly throttle: Throttle,
    private readonly vault: Vault,
    @Inject(HALL_KEY) private readonly hallKey: string | null,
  ) {}

  /** Who is signed in; and where nobody is, what may be begun. */
  async current(secret: string | undefined, { isHere }: Pick<Caller, 'isHere'>): Promise<SessionDto> {
    const session = secret === undefined ? undefined : await this.sessions.find(secret);
    if (!session?.accountId) return { halls: [], begin: isHere ? await this.begin() : {} };
    const account = await this.accounts.one(session.accountId);
    const halls = (await this.accounts.hallsOf(account.id)).map(({ isDemo, ...hall }) => ({
      ...hall,
      isDemo: Boolean(isDemo),
    }));
    const hall = halls.find(({ id }) => id === session.hallId);
    return {
      account: {
        id: account.id,
        name: account.name,
        ...(account.signIn ? { signIn: account.signIn } : {}),
        hasCodes: account.hasCodes,
      },
      ...(hall ? { hall } : {}),
      halls,
      begin: {},
    };
  }

  /**
   * Lets somebody in with her password, and a code where she uses them.
   *
   * @returns the secret of her session
   * @throws UnauthorizedException in the same words and the same time, whoever it is not
   */
  async signIn({ signIn, password, code }: SignInDto, caller: Caller): Promise<string> {
    const name = signInName(signIn);
    await this.throttle.take(name, caller.place);
    const account = await this.accounts.bySignIn(name);
    if (!(await isPassword(account?.passwordHash, password)) || !account)
      throw new UnauthorizedException(NOT_LET_IN);
    if (account.hasCodes) await this.checkCode(account, code);
    await this.throttle.forgive(name);
    return this.beginFor(account, caller);
  }

  /** Opens the demo as its teacher: no password, and only at this computer. */
  async signInToDemo(caller: Caller): Promise<string> {
    const demo = caller.isHere && !this.hallKey ? await this.accounts.demo() : undefined;
    if (!demo) throw new NotFoundException('There is no demo here.');
    return this.beginFor(await this.accounts.one(demo.accountId), caller);
  }

  /** The first owner of a hall of one's own: only at this computer, and only while nobody else is. */
  async beginHall(first: FirstOwnerDto, caller: Caller): Promise<string> {
    if (!caller.isHere || !(await this.begin()).hall)
      throw new ForbiddenException('This hall has an owner. Ask her for an invitation.');
    const signIn = signInName(first.signIn);
    const errors = passwordErrors(first.password, [first.name, first.hall, signIn]);
    if (errors.length) throw new FieldsException(errors);
    const name = first.name.trim();
    const passwordHash = await hashPassword(first.password);
    const named = { name: first.hall.trim(), teacher: name, timeZone: knownZone(first.timeZone) };
    // Broken off after this, the hall is nobody's still, and is taken up by the next try.
    const orphan = await this.accounts.orphanHall();
    const hallId = orphan ?? (await this.halls.create(named));
    if (orphan) await this.halls.rename(orphan, named);
    const account = await this.accounts.createMember({ name, signIn, passwordHash }, hallId, 'owner');
    return this.beginFor(account, caller);
  }

  /** Removes the demo. @throws ForbiddenException for any other hall */
  async removeDemo(context: RequestContext): Promise<void> {
    const { id, isDemo } = await this.halls.of(context);
    if (!isDemo) throw new ForbiddenException('This is no demo: its people are real.');
    await this.accounts.removeDemo(id);
  }

  /**
   * One more hall for somebody who has one: she is its owner, and nothing of the others is in it.
   *
   * @throws ForbiddenException for the demo's teacher
   */
  async addHall({ userId, sessionId }: RequestContext, { hall, timeZone }: NewHallDto): Promise<void> {
    const account = await this.accounts.withPassword(userId);
    const hallId = await this.halls.create({
      name: hall.trim(),
      teacher: account.name,
      timeZone: knownZone(timeZone),
    });
    await this.accounts.addMember(userId, hallId, 'owner');
    await this.moveTo({ userId, sessionId }, hallId);
  }

  /** @throws NotFoundException for a hall she does not belong to, and for none at all alike */
  async moveTo(
    { userId, sessionId }: Pick<RequestContext, 'userId' | 'sessionId'>,
    hallId: string,
  ): Promise<void> {
    if (!sessionId || !(await this.accounts.roleOf(userId, hallId)))
      throw new NotFoundException('You do not belong to this hall.');
    await this.sessions.moveTo(sessionId, hallId);
    await (await this.accounts.one(userId)).update({ lastHallId: hallId });
  }

  async beginFor(account: AccountRow, { device }: Pick<Caller, 'device'>): Promise<string> {
    const halls = await this.accounts.hallsOf(account.id);
    const hall = halls.find(({ id }) => id === account.lastHallId) ?? halls[0];
    if (!hall)
      throw new ForbiddenException('You belong to no hall any more. Ask an owner for an invitation.');
    return this.sessions.begin({ accountId: account.id, hallId: hall.id, device });
  }

  private async begin(): Promise<BeginDto> {
    // Several servers stand behind something that asks for others: nobody is seen to sit here.
    if (this.hallKey) return {};
    if (await this.accounts.hasOwner()) return this.demoDoor();
    const demo = await this.demoDoor();
    return { hall: demo.demo ? 'own' : 'first', ...demo };
  }

  private async demoDoor(): Promise<BeginDto> {
    const demo = await this.accounts.demo();
    return demo ? { demo: { hall: demo.hall.name, teacher: demo.hall.teacher } } : {};
  }

  /** Takes a code, once. @throws HttpException without the right one */
  private async checkCode({ id, codeSecret }: AccountRow, code: string | undefined): Promise<void> {
    if (!code) throw new CodeNeeded();
    const secret = this.vault.open(codeSecret!, codePlace(id));
    const taken = await this.accounts.withLocked(id, async (account) => {
      const last = account.lastCodeStep === null ? null : Number(account.lastCodeStep);
      const step = await codeStep(secret, code, last);
      if (step !== undefined) return { lastCodeStep: step };
      const print = recoveryPrint(code);
      if (!account.recoveryCodes.includes(print)) return undefined;
      return { recoveryCodes: account.recoveryCodes.filter((one) => one !== print) };
    });
    if (!taken) throw new CodeNeeded('This code is not right, or was used.');
  }
}

/** A time zone by its name, and that of this computer for one that is none. */
function knownZone(name: string | undefined): string {
  const here = new Intl.DateTimeFormat().resolvedOptions().timeZone;
  if (!name) return here;
  try {
    return new Intl.DateTimeFormat('en', { timeZone: name }).resolvedOptions().timeZone;
  } catch {
    return here;
  }
}
