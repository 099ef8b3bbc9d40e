/** What is sealed opens with its key, in its place, as it was; otherwise it says so and nothing is lost. */
import { existsSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import fc from 'fast-check';
import { addKey, keyRingIn, newKeyRing, Unreadable, Vault } from '../src/common/vault.js';

const ring = newKeyRing('one');
const vault = new Vault(ring);

test('any text comes back, and nothing of it is to be seen', () => {
  fc.assert(
    fc.property(
      fc.string({ unit: 'binary', maxLength: 400 }),
      fc.string({ maxLength: 40 }),
      (text, place) => {
        const well = Buffer.from(text).toString();
        const sealed = vault.seal(well, place);
        expect(vault.open(sealed, place)).toBe(well);
        expect(vault.seal(well, place)).not.toBe(sealed);
      },
    ),
  );
});

test('bytes come back too, and a print tells who has the keys', () => {
  fc.assert(
    fc.property(fc.uint8Array({ maxLength: 400 }), fc.string({ maxLength: 40 }), (bytes, place) => {
      const sealed = vault.sealBytes(Buffer.from(bytes), place);
      expect(vault.openBytes(sealed, place)).toEqual(Buffer.from(bytes));
      expect(() => vault.openBytes(sealed, `${place}.`)).toThrow(Unreadable);
      expect(() => vault.openBytes(sealed.subarray(0, -1), place)).toThrow(Unreadable);
    }),
  );
  expect(() => vault.openBytes(Buffer.alloc(0), '')).toThrow(Unreadable);
  expect(vault.print('a')).toBe(vault.print('a'));
  expect(vault.print('a')).not.toBe(vault.print('b'));
  expect(vault.print('a')).not.toBe(new Vault(newKeyRing('one')).print('a'));
  expect(() => vault.print('a', 'two')).toThrow(Unreadable);
});

test('one letter changed anywhere, another place, or another key: it is told, and does not open', () => {
  const sealed = vault.seal('pain 3', 'diary:1');
  fc.assert(
    fc.property(fc.nat(sealed.length - 1), fc.constantFrom(...'AbC9_-.'), (at, letter) => {
      const changed = sealed.slice(0, at) + letter + sealed.slice(at + 1);
      const bytes = (text: string): string =>
        Buffer.from(text.split('.').pop()!, 'base64url').toString('hex');
      // The last letters of base64 have bits that stand for nothing.
      fc.pre(changed !== sealed && (bytes(changed) !== bytes(sealed) || at < sealed.lastIndexOf('.') - 1));
      expect(() => vault.open(changed, 'diary:1')).toThrow(Unreadable);
    }),
  );
  expect(() => vault.open(sealed, 'diary:2')).toThrow(Unreadable);
  expect(() => new Vault(newKeyRing('one')).open(sealed, 'diary:1')).toThrow(Unreadable);
  expect(() => new Vault(newKeyRing('two')).open(sealed, 'diary:1')).toThrow('There is no key for this.');
});

test('after a new key what was sealed with the old one is still read', () => {
  const sealed = vault.seal('before', 'place');
  const next = new Vault({ current: 'two', keys: { ...ring.keys, ...newKeyRing('two').keys } });
  expect(next.open(sealed, 'place')).toBe('before');
  expect(next.seal('after', 'place')).toMatch(/^v1\.two\./);
});

describe('the file of keys', () => {
  const folder = mkdtempSync(join(tmpdir(), 'lotus-keys-'));
  afterAll(() => rmSync(folder, { recursive: true, force: true }));

  test('is made for its owner alone, and is the same the next time', () => {
    const path = join(folder, 'deep', 'keys.json');
    const made = keyRingIn(path);
    expect(statSync(path).mode & 0o777).toBe(0o600);
    expect(keyRingIn(path)).toEqual(made);
  });

  test('takes another key, which is sealed with from then on; the first still opens what it sealed', () => {
    const path = join(folder, 'deep', 'keys.json');
    const sealed = new Vault(keyRingIn(path)).seal('before', 'place');
    const name = addKey(path);
    expect(statSync(path).mode & 0o777).toBe(0o600);
    const next = new Vault(keyRingIn(path));
    expect([next.current, next.open(sealed, 'place')]).toEqual([name, 'before']);
    expect(() => addKey(path, name)).toThrow('already');
    expect(() => addKey(join(folder, 'none.json'))).toThrow('There are no keys');
  });

  test.each(['', '{', '{"current":"a","keys":{}}', '{"current":"a","keys":{"a":"c2hvcnQ="}}'])(
    'that cannot be read (%s) is said, and is not replaced',
    (text) => {
      const path = join(folder, 'broken.json');
      writeFileSync(path, text);
      expect(() => keyRingIn(path)).toThrow(/Put a copy of that file back/);
      expect([existsSync(path), readFileSync(path, 'utf8')]).toEqual([true, text]);
    },
  );
});
