import { ForbiddenException, Injectable } from '@nestjs/common';
import type { RequestContext } from '../common/context.js';
import { FieldsException } from '../common/problems.js';
import { Vault } from '../common/vault.js';
import { HallRepository } from '../halls/hall.repository.js';
import type { CodeSetupDto, DeviceDto, NewPasswordDto, RecoveryCodesDto } from './account.dto.js';
import type { AccountRow } from './account.model.js';
import { AccountRepository } from './account.repository.js';
import { codeAddress, codeStep, newCodeSecret, newRecoveryCodes } from './oneTimeCodes.js';
import { hashPassword, isPassword, passwordErrors } from './passwords.js';
import { codePlace } from './session.service.js';
import { Sessions } from './sessions.js';
import { Throttle } from './throttle.js';

const wrongPassword = (field: string): FieldsException =>
  new FieldsException([{ field, message: 'This is not your password.' }]);

/** What somebody does with her own account. */
@Injectable()
export class AccountService {
  constructor(
    private readonly accounts: AccountRepository,
    private readonly halls: HallRepository,
    private readonly sessions: Sessions,
    private readonly throttle: Throttle,
    private readonly vault: Vault,
  ) {}

  async rename({ userId }: RequestContext, name: string): Promise<void> {
    await (await this.accounts.one(userId)).update({ name: name.trim() });
  }

  /** Takes a new password; she stays signed in here, and nowhere else. */
  async changePassword(
    context: RequestContext,
    place: string,
    { password, newPassword }: NewPasswordDto,
  ): Promise<void> {
    const account = await this.checked(context, place, password);
    const { name: hall } = await this.halls.of(context);
    const errors = passwordErrors(newPassword, [account.name, hall, account.signIn ?? ''], 'newPassword');
    if (errors.length) throw new FieldsException(errors);
    await account.update({ passwordHash: await hashPassword(newPassword) });
    await this.endOthers(context);
  }

  async devices({ userId, sessionId }: RequestContext): Promise<DeviceDto[]> {
    return (await this.sessions.of(userId)).map(({ id, device, seenAt }) => ({
      device,
      seenAt: seenAt.toISOString(),
      isThis: id === sessionId,
    }));
  }

  /** Signs her out everywhere but here. */
  async endOthers({ userId, sessionId }: RequestContext): Promise<void> {
    await this.sessions.endAll(userId, sessionId ? { except: sessionId } : {});
  }

  /** A new secret for codes; it is in force once a code of it was shown. */
  async beginCodes({ userId }: RequestContext): Promise<CodeSetupDto> {
    const account = await this.accounts.one(userId);
    if (!account.passwordHash)
      throw new ForbiddenException('The demo is opened without a password or codes.');
    if (account.hasCodes)
      throw new ForbiddenException('One-time codes are on. End them before you begin anew.');
    const secret = newCodeSecret();
    await account.update({ codeSecret: this.vault.seal(secret, codePlace(userId)), lastCodeStep: null });
    return { secret, address: codeAddress(secret, account.signIn ?? account.name) };
  }

  /** Puts codes in force. @throws FieldsException for a code that is not right */
  async confirmCodes({ userId }: RequestContext, place: string, code: string): Promise<RecoveryCodesDto> {
    await this.throttle.take(`codes:${userId}`, place);
    const { codes, prints } = newRecoveryCodes();
    const isRight = await this.accounts.withLocked(userId, async ({ codeSecret, hasCodes }) => {
      if (!codeSecret || hasCodes) return undefined;
      const step = await codeStep(this.vault.open(codeSecret, codePlace(userId)), code, null);
      return step === undefined ? undefined : { hasCodes: true, lastCodeStep: step, recoveryCodes: prints };
    });
    if (!isRight)
      throw new FieldsException([
        { field: 'code', message: 'This code is not right. Is the clock of your phone right?' },
      ]);
    await this.throttle.forgive(`codes:${userId}`);
    return { codes };
  }

  async endCodes(context: RequestContext, place: string, password: string): Promise<void> {
    const account = await this.checked(context, place, password);
    await account.update({ hasCodes: false, codeSecret: null, recoveryCodes: [], lastCodeStep: null });
  }

  /** Her account, once she has shown her password again. */
  private async checked({ userId }: RequestContext, place: string, password: string): Promise<AccountRow> {
    const account = await this.accounts.one(userId);
    await this.throttle.take(`password:${userId}`, place);
    if (!(await isPassword(account.passwordHash, password))) throw wrongPassword('password');
    await this.throttle.forgive(`password:${userId}`);
    return account;
  }
}
