import { useSyncExternalStore } from 'react';
import { onOutbox, waiting, type Waiting } from './outbox.js';

/** What this device has not sent yet, in order. */
export const useOutbox = (): readonly Waiting[] => useSyncExternalStore(onOutbox, waiting);
