import { AsyncLocalStorage } from 'node:async_hooks';

/** The change that a request asks for, named by whoever asks. */
export interface Write {
  hallId: string;
  /** A UUID of the asker's own. */
  key: string;
  /** Of what is asked for. */
  print: string;
}

/** The change that is being made; none where it was not named. */
export const currentWrite = new AsyncLocalStorage<Write>();
