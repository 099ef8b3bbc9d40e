import { createCipheriv, createDecipheriv, createHmac, hkdfSync, randomBytes } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';

/** Keys by name, 32 bytes each; new values are sealed with the current one, old ones opened with theirs. */
export interface KeyRing {
  current: string;
  keys: Readonly<Record<string, Buffer>>;
}

const KEY_BYTES = 32;
/** As GCM is meant to be used (NIST SP 800-38D, 8.2.2). */
const IV_BYTES = 12;
const TAG_BYTES = 16;
const DOT = '.'.charCodeAt(0);

/** What was sealed cannot be opened: its key is not here, or somebody has changed it. */
export class Unreadable extends Error {}

/** A ring with one new key. */
export function newKeyRing(name = new Date().toISOString().slice(0, 10)): KeyRing {
  return { current: name, keys: { [name]: randomBytes(KEY_BYTES) } };
}

/**
 * The keys in a file, which is made with one where there is none, for its owner alone.
 *
 * @throws where it cannot be read as keys: nothing is put in its place
 */
export function keyRingIn(path: string): KeyRing {
  if (!existsSync(path)) {
    try {
      keepNewRing(path, newKeyRing());
    } catch (error) {
      // Of two that start at once the first makes it.
      if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error;
    }
  }
  const broken = new Error(
    `The keys in ${path} cannot be read. Put a copy of that file back: what is encrypted is not readable without it.`,
  );
  try {
    const ring = ringOf(JSON.parse(readFileSync(path, 'utf8')) as WrittenRing);
    if (!ring.keys[ring.current] || Object.values(ring.keys).some((key) => key.length !== KEY_BYTES))
      throw broken;
    return ring;
  } catch {
    throw broken;
  }
}

/**
 * Adds a key to a file of keys, and makes it the one that is sealed with from the next start on. The file is replaced
 * whole: one that was broken off halfway is as it was.
 *
 * @returns its name
 * @throws where there is no file, or it cannot be read as keys
 */
export function addKey(
  path: string,
  name = new Date().toISOString().slice(0, 19).replaceAll(':', ''),
): string {
  if (!existsSync(path))
    throw new Error(`There are no keys in ${path} yet: they are made at the first start.`);
  const { keys } = keyRingIn(path);
  if (keys[name]) throw new Error(`There is a key ${name} already.`);
  const next = `${path}.next`;
  writeFileSync(next, written({ current: name, keys: { ...keys, ...newKeyRing(name).keys } }), {
    mode: 0o600,
  });
  renameSync(next, path);
  return name;
}

/** A ring as it is written down: each key in base64. */
export interface WrittenRing {
  current: string;
  keys: Readonly<Record<string, string>>;
}

export const writtenRing = ({ current, keys }: KeyRing): WrittenRing => ({
  current,
  keys: Object.fromEntries(Object.entries(keys).map(([name, key]) => [name, key.toString('base64')])),
});

export const ringOf = ({ current, keys }: WrittenRing): KeyRing => ({
  current,
  keys: Object.fromEntries(Object.entries(keys).map(([name, key]) => [name, Buffer.from(key, 'base64')])),
});

/** A ring as it stands in its file. */
const written = (ring: KeyRing): string => `${JSON.stringify(writtenRing(ring), null, 2)}\n`;

/** Makes a file of keys, for its owner alone. @throws where there is one already */
export function keepNewRing(path: string, ring: KeyRing): void {
  mkdirSync(dirname(path), { recursive: true, mode: 0o700 });
  writeFileSync(path, written(ring), { mode: 0o600, flag: 'wx' });
}

/** `v1.key.iv.`: what stands before what is sealed. */
const HEAD = /^v1\.([^.]+)\.([\w-]+)\.$/;

/** Seals what is private with AES-256-GCM, so that it is of use only to whoever has the key, and only in its place. */
export class Vault {
  constructor(private readonly ring: KeyRing) {}

  /** The name of the key that is sealed with now. */
  get current(): string {
    return this.ring.current;
  }

  /**
   * @param place where it is kept, `table:column:row`: moved to another row it does not open
   * @returns `v1.key.iv.text`
   */
  seal(text: string, place: string): string {
    const { head, sealed } = this.closed(Buffer.from(text, 'utf8'), place);
    return head + sealed.toString('base64url');
  }

  /** As {@link seal}, for bytes: they take no more room than they did. */
  sealBytes(bytes: Buffer, place: string): Buffer {
    const { head, sealed } = this.closed(bytes, place);
    return Buffer.concat([Buffer.from(head), sealed]);
  }

  /** @throws Unreadable without its key, in another place, or where it was changed */
  open(sealed: string, place: string): string {
    const end = sealed.lastIndexOf('.') + 1;
    const bytes = Buffer.from(sealed.slice(end), 'base64url');
    return this.opened(sealed.slice(0, end), bytes, place).toString('utf8');
  }

  /** @throws Unreadable as {@link open} does */
  openBytes(sealed: Buffer, place: string): Buffer {
    let end = 0;
    for (let dots = 0; dots < 3 && end < sealed.length; end++) if (sealed[end] === DOT) dots++;
    return this.opened(sealed.subarray(0, end).toString('utf8'), sealed.subarray(end), place);
  }

  /** Proves that a text was written by who has the keys: `key.print`, HMAC-SHA-256. */
  print(text: string, key = this.ring.current): string {
    const secret = this.ring.keys[key];
    if (!secret) throw new Unreadable('There is no key for this.');
    // What seals is used for nothing else.
    const own = Buffer.from(hkdfSync('sha256', secret, '', 'print', KEY_BYTES));
    return `${key}.${createHmac('sha256', own).update(text).digest('base64url')}`;
  }

  private closed(bytes: Buffer, place: string): { head: string; sealed: Buffer } {
    const iv = randomBytes(IV_BYTES);
    const cipher = createCipheriv('aes-256-gcm', this.ring.keys[this.ring.current]!, iv);
    cipher.setAAD(Buffer.from(place));
    const sealed = Buffer.concat([cipher.update(bytes), cipher.final(), cipher.getAuthTag()]);
    return { head: `v1.${this.ring.current}.${iv.toString('base64url')}.`, sealed };
  }

  private opened(head: string, bytes: Buffer, place: string): Buffer {
    const [, name = '', iv] = HEAD.exec(head) ?? [];
    const key = this.ring.keys[name];
    if (!key || !iv) throw new Unreadable('There is no key for this.');
    try {
      const decipher = createDecipheriv('aes-256-gcm', key, Buffer.from(iv, 'base64url'), {
        // A shorter tag is none.
        authTagLength: TAG_BYTES,
      });
      decipher.setAAD(Buffer.from(place));
      decipher.setAuthTag(bytes.subarray(-TAG_BYTES));
      return Buffer.concat([decipher.update(bytes.subarray(0, -TAG_BYTES)), decipher.final()]);
    } catch {
      throw new Unreadable('This was changed since it was sealed.');
    }
  }
}
