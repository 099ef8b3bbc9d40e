import { toast } from 'sonner';

/** Said for so long, ms: long enough to read, and to think better of it. */
const SAID_FOR = 10_000;

/** Something was removed, and can be brought back while this is said. @param more what comes of it */
export function sayRemoved(what: string, undo: () => Promise<unknown>, more?: string): void {
  toast(`Removed: ${what}`, {
    ...(more ? { description: more } : {}),
    duration: SAID_FOR,
    action: {
      label: 'Undo',
      onClick: () => {
        undo().then(
          () => toast(`Back again: ${what}`),
          (error: Error) => toast.error(error.message),
        );
      },
    },
  });
}
