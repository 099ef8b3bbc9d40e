import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { useSaving } from '../useSaving.js';

export const useDevices = () =>
  useQuery({
    queryKey: keys.devices,
    queryFn: () => answered<AnswerOf<'Account.devices'>>(client.GET('/api/account/devices')),
  });

export const useEndOthers = () =>
  useSaving(() => answered(client.DELETE('/api/account/devices')), keys.devices);

export const useRename = () =>
  useSaving((name: string) => answered(client.PUT('/api/account/name', { body: { name } })), keys.session);

export const useChangePassword = () =>
  useSaving(
    (body: { password: string; newPassword: string }) =>
      answered(client.PUT('/api/account/password', { body })),
    keys.devices,
  );

export const useBeginCodes = () =>
  useSaving(() => answered<AnswerOf<'Account.beginCodes'>>(client.POST('/api/account/codes')));

export const useConfirmCodes = () =>
  useSaving(
    (code: string) =>
      answered<AnswerOf<'Account.confirmCodes'>>(client.PUT('/api/account/codes', { body: { code } })),
    keys.session,
  );

export const useEndCodes = () =>
  useSaving(
    (password: string) => answered(client.POST('/api/account/codes/end', { body: { password } })),
    keys.session,
  );
