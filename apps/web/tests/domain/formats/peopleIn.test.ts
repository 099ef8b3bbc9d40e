/** Files of people as they are handed to the page: tables, cards and FHIR, and what is none of them. */
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { csvText } from '../../../src/domain/formats/csvText.js';
import { peopleIn } from '../../../src/domain/formats/peopleIn.js';

const bringing = { rulebook: RULEBOOK, today: '2026-12-01', taken: ['Ines Fallow'] };
const read = (name: string, text: string) => peopleIn(new File([text], name), bringing);
const card = (version: string, ...lines: string[]): string =>
  ['BEGIN:VCARD', `VERSION:${version}`, ...lines, 'END:VCARD', ''].join('\r\n');

test('cards of both versions: names as one says them, days that are days, and no more', async () => {
  const people = await read(
    'cards.vcf',
    card(
      '3.0',
      'N:Sound;Wader;;;',
      'FN:Wader Sound',
      'BDAY:1951-03-02',
      'TEL;TYPE=CELL:555',
      'NOTE:glaucoma',
    ) +
      card('4.0', 'N:Moor;Plover;Ann;;', 'FN:', 'BDAY:--0531', 'GENDER:F') +
      card('4.0', 'FN:Ines Fallow', 'BDAY:19840531') +
      card('3.0', 'FN:Tern\\, Marsh', 'BDAY:1984-02-30'),
  );
  expect(people.map(({ name, told }) => [name, told.born, told.sex])).toEqual([
    ['Wader Sound', '1951-03-02', undefined],
    ['Plover Ann Moor', undefined, 'woman'],
    ['Ines Fallow', '1984-05-31', undefined],
    ['Tern, Marsh', '1984-02-30', undefined],
  ]);
  expect(people[0]!.notes).toEqual(['Not kept here: telephone, notes.']);
  expect(people[1]!.notes[0]).toContain('to be asked');
  // Of a note nothing is read: what is a condition is asked of her, not guessed out of words.
  expect(people[0]!.told).toEqual({ name: 'Wader Sound', born: '1951-03-02' });
  expect(people.map(({ problems }) => problems.map(({ field }) => field))).toEqual([
    [],
    [],
    ['name'],
    ['born'],
  ]);
});

test('a table with semicolons or tabs, with marks at its beginning, and cells of several lines', async () => {
  for (const [name, text] of [
    ['a.csv', '\uFEFFName;Conditions\nTern Marsh;"HBP\nmigraine"\n'],
    ['a.tsv', 'Name\tConditions\nTern Marsh\tHBP, migraine\n'],
  ] as const) {
    const [one] = await read(name, text);
    expect([name, one!.told.conditions]).toEqual([
      name,
      [{ condition: 'high-blood-pressure' }, { condition: 'migraine' }],
    ]);
  }
});

test('what a program has written for a sheet is read as it was', async () => {
  const rows = [
    ['Name', 'Why'],
    ['\'=Tern, "the" Marsh', 'one\ntwo; three'],
  ];
  const [one] = await read('b.csv', await csvText(rows));
  expect([one!.name, (one!.told.intake as { why: string }).why]).toEqual([
    '=Tern, "the" Marsh',
    'one\ntwo; three',
  ]);
});

test.each([
  ['a.csv', '', 'one of them is "Name"'],
  ['a.csv', 'Name,Height\n', 'Nobody is in this file.'],
  ['a.vcf', 'BEGIN:VCALENDAR\r\nEND:VCALENDAR\r\n', 'no card'],
  ['a.vcf', 'hello', 'no card'],
  ['a.json', '{', 'no JSON'],
  ['a.json', '{"resourceType":"Bundle"}', 'no Patient'],
  ['a.doc', 'x', 'A file that ends in .doc cannot be opened'],
  ['people', 'x', 'A file that ends in nothing cannot be opened'],
  ['a.xlsx', 'x', 'no spreadsheet'],
  ['a.csv', 'x'.repeat(10_000_001), 'too large'],
])('%s that is no list of people is said in words', async (name, text, says) => {
  await expect(read(name, text)).rejects.toThrow(says);
});
