/** What is still being saved of sequences whose desk was left, by id. */
const leaving = new Map<string, Promise<unknown>>();

/** A desk was left while something of it was not saved yet. */
export function leavesWith(id: string, saving: Promise<unknown>): void {
  leaving.set(id, saving);
  void saving.finally(() => {
    if (leaving.get(id) === saving) leaving.delete(id);
  });
}

/** Waits until what was left is saved: whoever reads the sequence then reads what was last done to it. */
export const lastSaved = async (id: string): Promise<void> => {
  await leaving.get(id)?.catch(() => {});
};
