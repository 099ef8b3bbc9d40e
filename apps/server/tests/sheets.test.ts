/** Classes on paper: complete, readable by whoever has them read aloud, and as they have looked before. */
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { loadImage, createCanvas, type Canvas } from '@napi-rs/canvas';
import type { Fitting } from '@lotus-steady/core';
import { BUILT_IN } from '@lotus-steady/core/built-in';
import { SHEET_KINDS, type SheetKind } from '../src/sheets/sheet.js';
import type { SheetQueryDto } from '../src/sheets/sheet.dto.js';
import { ask, baseUrl, signedIn, withDemoHall } from './client.js';
import { readPdf, type ReadPdf } from './readPdf.js';

withDemoHall();

/** Set, the pictures are drawn anew instead of being compared: look at them before they are kept. */
const ANEW = process.env.NEW_PICTURES === 'yes';
const PICTURES = new URL('fixtures/sheets/', import.meta.url);
/** Wide enough to see what lies where, pixels. */
const WIDE = 320;
/** A picture may differ by this on the mean, of 255: letters are drawn a little otherwise by another machine. */
const DIFFERS = 2;

async function classCalled(title: string): Promise<{ id: string; fitting: Fitting }> {
  const { json } = await ask('classes');
  const { id } = (json as { id: string; title: string }[]).find((one) => one.title === title)!;
  return { id, fitting: (await ask(`classes/${id}`)).json.fitting as Fitting };
}

async function sheet(id: string, kind: SheetKind, how: SheetQueryDto = {}): Promise<ReadPdf> {
  const path = `classes/${id}/sheets/${kind}?${new URLSearchParams({ ...how })}`;
  const answer = await fetch(`${baseUrl()}/api/${path}`, { headers: signedIn(path) });
  expect([kind, answer.status, answer.headers.get('Content-Type')]).toEqual([kind, 200, 'application/pdf']);
  const bytes = new Uint8Array(await answer.arrayBuffer());
  const text = Buffer.from(bytes).toString('latin1');
  // Every face is embedded: none is left to the printer.
  expect(/BaseFont \/(Helvetica|Times|Courier)/.test(text)).toBe(false);
  const read = await readPdf(bytes);
  expect([kind, read.misplaced]).toEqual([kind, []]);
  return read;
}

const squeezed = (words: string): string => words.replace(/\s+/g, '');

async function pixelsOf(canvas: Canvas): Promise<Uint8ClampedArray> {
  return canvas.getContext('2d').getImageData(0, 0, canvas.width, canvas.height).data;
}

/** How much a page differs from the picture that is kept of it, of 255 on the mean. */
async function differenceFrom(name: string, page: Canvas): Promise<number> {
  const file = new URL(`${name}.png`, PICTURES);
  if (ANEW || !existsSync(file)) {
    mkdirSync(PICTURES, { recursive: true });
    writeFileSync(file, page.toBuffer('image/png'));
    if (!ANEW) throw new Error(`There was no picture of ${name}: one is in ${fileURLToPath(file)} now.`);
    return 0;
  }
  const kept = await loadImage(readFileSync(file));
  const canvas = createCanvas(kept.width, kept.height);
  canvas.getContext('2d').drawImage(kept, 0, 0);
  expect([kept.width, kept.height]).toEqual([page.width, page.height]);
  const [was, is] = await Promise.all([pixelsOf(canvas), pixelsOf(page)]);
  return was.reduce((sum, value, i) => sum + Math.abs(value - is[i]!), 0) / was.length;
}

test('class sheet, large print and handover have every step, everybody, and who differs', async () => {
  for (const title of ['Thursday Mixed', 'Bump and Breathe']) {
    const { id, fitting } = await classCalled(title);
    for (const kind of ['class', 'large', 'handover'] as const) {
      const { words, pages, alts, title: named, language } = await sheet(id, kind);
      const all = squeezed(words.join(''));
      for (const { step, text } of fitting.steps) expect(all).toContain(squeezed(`${step}. ${text}`));
      for (const { person } of fitting.lanes) expect(all).toContain(person.split(' ')[0]!);
      for (const { prop, count } of fitting.room)
        expect(all).toContain(squeezed(prop === 'wall' ? 'wall' : `${count} ${prop}`));
      for (const { alerts, person } of fitting.lanes)
        for (const { text, kind: what } of alerts)
          if (what !== 'stage') expect(all).toContain(squeezed(`${person.split(' ')[0]}: ${text}`));
      const differs = new Set(
        fitting.lanes.flatMap(({ steps }) => steps.filter(({ verdict }) => verdict !== 'as-written')),
      );
      expect(differs.size).toBeGreaterThan(0);
      if (kind === 'handover') expect([pages, alts]).toEqual([1, []]);
      else expect(alts.length).toBeGreaterThan(fitting.steps.length);
      if (kind === 'class') expect(pages).toBeLessThanOrEqual(2);
      for (const alt of alts) expect(alt.length).toBeGreaterThan(4);
      expect([named, language]).toEqual([title, 'en-GB']);
    }
  }
});

test('a mat card for each who comes, with nothing of anybody’s health', async () => {
  const { id, fitting } = await classCalled('Thursday Mixed');
  const { words, pages } = await sheet(id, 'mats');
  const all = words.join(' ');
  for (const { person } of fitting.lanes) expect(all).toContain(person);
  expect(pages).toBe(Math.ceil(fitting.lanes.length / 4));
  expect(all).not.toMatch(/pregnan|blood pressure|disc\b|trimester|reading|older adult|wheelchair user/i);
});

test('cards of poses are written with every letter of Sanskrit, and each pose is there once', async () => {
  const { id, fitting } = await classCalled('Thursday Mixed');
  const asked = [...new Set(fitting.steps.map(({ variant }) => variant))];
  const { words, alts } = await sheet(id, 'poses');
  expect(alts).toHaveLength(asked.length);
  const all = squeezed(words.join(''));
  const names = asked.flatMap((variant) => BUILT_IN.variant(variant).pose.sanskrit ?? []);
  expect(names.join('')).toMatch(/ṇ/);
  for (const name of names) expect(all).toContain(squeezed(name));
});

test('children’s pictures are of a child, two on a page', async () => {
  const { id, fitting } = await classCalled('Rockpool Club');
  const { pages, alts } = await sheet(id, 'pictures');
  const asked = new Set(fitting.steps.map(({ variant }) => variant));
  expect(alts).toHaveLength(asked.size);
  expect(pages).toBe(Math.ceil(asked.size / 2));
  // For who does not read yet the same: words are only in what is read aloud. A stack has its number.
  const wordless = await sheet(id, 'pictures', { wordless: 'true' });
  expect([wordless.alts, wordless.pages]).toEqual([alts, pages]);
  expect(wordless.words.join('')).toMatch(/^\d*$/);
});

test('the more people and steps, the more pages: nothing is left out', async () => {
  const { json } = await ask('people?most=100');
  const people = (json as { id: string; name: string }[]).slice(0, 24);
  const poses = ['Downward-facing dog', 'Plank', 'Triangle', 'Standing forward fold', 'Tree', 'Bridge'];
  const steps = Array.from({ length: 30 }, (_, i) => `- ${poses[i % poses.length]}, 5 breaths`);
  const draft = {
    title: 'Everybody at once',
    on: '2026-12-01',
    sequenceText: `# Everybody at once\nminutes: 90\n${steps.join('\n')}`,
    people: people.map(({ id }) => ({ id })),
  };
  const { id } = (await ask('classes', 'POST', draft)).json as { id: string };
  for (const kind of ['class', 'large', 'handover', 'mats'] as const) {
    const { words } = await sheet(id, kind);
    const all = squeezed(words.join(''));
    for (const { name } of people) expect(all).toContain(squeezed(name).slice(0, 3));
    if (kind !== 'mats')
      steps.forEach((step, i) => expect(all).toContain(squeezed(`${i + 1}. ${step.slice(2)}`)));
  }
});

test('in ink there is no colour', async () => {
  const { id } = await classCalled('Steady Backs');
  const page = await (await sheet(id, 'class', { ink: 'true' })).picture(1, WIDE);
  const pixels = await pixelsOf(page);
  let coloured = 0;
  for (let i = 0; i < pixels.length; i += 4)
    if (Math.max(...pixels.subarray(i, i + 3)) - Math.min(...pixels.subarray(i, i + 3)) > 24) coloured++;
  expect(coloured).toBe(0);
});

test.each(SHEET_KINDS)('%s looks as it has looked', async (kind) => {
  const { id } = await classCalled(kind === 'pictures' ? 'Rockpool Club' : 'Steady Backs');
  const page = await (await sheet(id, kind)).picture(1, WIDE);
  expect(await differenceFrom(kind, page)).toBeLessThan(DIFFERS);
});

test('what is no sheet is said, and another’s class is not there', async () => {
  const { id } = await classCalled('Steady Backs');
  expect((await ask(`classes/${id}/sheets/posters`)).status).toBe(400);
  expect((await ask(`classes/${id}/sheets/class?ink=perhaps`)).status).toBe(400);
  expect((await ask('classes/00000000-0000-4000-8000-000000000000/sheets/class')).status).toBe(404);
});
