/**
 * Names as teachers write them. Half of the forms were set aside before the resolver was written and never
 * tuned on.
 */
import { readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import Sanscript from '@indic-transliteration/sanscript';
import { plainSpelling, POSES, rankPoses, resolvePose } from '../builtIn.js';
import { fold } from '../../src/reading/fold.js';

const FORMS = join(dirname(fileURLToPath(import.meta.url)), '../forms');
const forms = (file: string): [written: string, wanted: string][] =>
  readFileSync(join(FORMS, file), 'utf8')
    .trim()
    .split('\n')
    .map((line) => line.split(' = ') as [string, string]);
const idOf = (
  { pose, variant }: { pose: { id: string }; variant: { id: string } },
  wanted: string,
): string => (wanted.includes('.') ? variant.id : pose.id);

test('there are at least 300 written forms, half of them set aside, none in both', () => {
  const tuned = forms('tuned.txt');
  const aside = forms('set-aside.txt');
  const ids = new Set(POSES.flatMap((pose) => [pose.id, ...pose.ladder.map((variant) => variant.id)]));
  expect(tuned.length + aside.length).toBeGreaterThanOrEqual(300);
  expect(aside.length).toBeGreaterThanOrEqual(tuned.length);
  expect(aside.filter(([written]) => tuned.some(([other]) => other === written))).toEqual([]);
  for (const [, wanted] of [...tuned, ...aside]) expect(ids).toContain(wanted);
});

test.each(['tuned.txt', 'set-aside.txt'])(
  '%s: 97 in 100 are right at first place, and no wrong one is taken as sure',
  (file) => {
    const all = forms(file);
    const wrong = all.filter(([written, wanted]) => {
      const first = rankPoses(written, 1)[0];
      return !first || idOf(first, wanted) !== wanted;
    });
    expect(wrong.length / all.length).toBeLessThanOrEqual(0.03);
    const sureAndWrong = all.filter(([written, wanted]) => {
      const found = resolvePose(written);
      return 'pose' in found && idOf(found, wanted) !== wanted;
    });
    expect(sureAndWrong).toEqual([]);
  },
);

test('every name and alias finds its own pose, and no two poses share one', () => {
  for (const pose of POSES)
    for (const name of [
      pose.name,
      pose.id,
      ...(pose.sanskrit ? [pose.sanskrit, plainSpelling(pose.sanskrit)] : []),
      ...pose.aliases,
    ]) {
      const found = resolvePose(name);
      expect([name, 'pose' in found && found.pose.id]).toEqual([name, pose.id]);
    }
});

// The schemes by which Sanskrit is typed, from a library of its own: each must fold to what the diacritics
// fold to.
test.each(['iso', 'itrans', 'hk', 'optitrans'])(
  'a Sanskrit name typed in %s folds like the one with its diacritics',
  (scheme) => {
    const names = POSES.flatMap((pose) => (pose.sanskrit ? [pose.sanskrit.toLowerCase()] : [])).filter(
      (name) => !/[0-9]| i+$/.test(name),
    );
    const apart = names.filter((name) => {
      const typed = (Sanscript as unknown as { t(text: string, from: string, to: string): string })
        .t(name, 'iast', scheme)
        .replace(/~n/gi, 'n')
        .replace(/RRi|R\^i/g, 'ri')
        .replace(/(?<=[aeiou])M/g, 'm')
        .replace(/G(?=[gk])/g, 'n')
        .replace(/J(?=[jc])/g, 'n')
        .replace(/z/g, 'sh');
      return fold(typed) !== fold(name);
    });
    // What a scheme writes with a letter of its own that plain writing has not may differ here and there.
    expect(apart.length / names.length).toBeLessThan(0.05);
  },
);

test('"unsupported" is not taken for "supported"', () => {
  const found = resolvePose('supported shoulder stand');
  expect('variant' in found && found.variant.id).toBe('shoulder-stand.blankets');
});
