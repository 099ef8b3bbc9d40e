import { useMutation, useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf, type ApiError } from '../client.js';
import { keys } from '../keys.js';
import { useSaving } from '../useSaving.js';

/** Which copies of everything there are, and whether one is made every day. */
export const useBackup = () =>
  useQuery({
    queryKey: keys.backup,
    queryFn: () => answered<AnswerOf<'Backup.state'>>(client.GET('/api/backup')),
  });

/** Sets what copies are encrypted with; the first one is made at once. */
export const useSetPassphrase = () =>
  useSaving(
    (passphrase: string) =>
      answered<AnswerOf<'Backup.set'>>(client.PUT('/api/backup/passphrase', { body: { passphrase } })),
    keys.backup,
  );

export const useForgetPassphrase = () =>
  useSaving((_: void) => answered(client.DELETE('/api/backup/passphrase')), keys.backup);

/** Everything as one encrypted file. */
export const useBackupFile = () =>
  useMutation<Blob, ApiError, void>({
    mutationFn: () => answered<Blob>(client.POST('/api/backup/file', { parseAs: 'blob' })),
  });
