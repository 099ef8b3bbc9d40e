/**
 * Answers all who ask the same within one turn of the event loop together. The answer is looked for only when the
 * turn is over, so that nobody is given what was true before they asked.
 */
export class AskedTogether<T> {
  private readonly waiting = new Map<string, Promise<T>>();

  /** @param key what is asked, and by which hall: nobody else is given the answer */
  answer(key: string, find: () => Promise<T>): Promise<T> {
    let found = this.waiting.get(key);
    if (!found) {
      found = new Promise<void>((resolve) => setImmediate(resolve)).then(() => {
        this.waiting.delete(key);
        return find();
      });
      this.waiting.set(key, found);
    }
    return found;
  }
}
