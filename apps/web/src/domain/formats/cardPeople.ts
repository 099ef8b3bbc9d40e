import { lookedAt, type Bringing, type BroughtIn } from '@lotus-steady/core';
import ICAL from 'ical.js';

/** One property of a card: its name, parameters, kind, and value or values. */
type Property = [name: string, parameters: object, kind: string, ...values: unknown[]];

const SEX: Readonly<Record<string, string>> = { F: 'woman', M: 'man' };
/** What is of no use here, as one says it. */
const NOT_KEPT: Readonly<Record<string, string>> = {
  tel: 'telephone',
  email: 'e-mail',
  adr: 'address',
  note: 'notes',
  photo: 'photo',
  org: 'organisation',
  url: 'web address',
};

/**
 * Reads people from cards (vCard 3 and 4): names, days of birth, whose norms hold. What else a card says is of no use
 * here and is not taken.
 */
export function cardPeople(text: string, bringing: Bringing): { people: BroughtIn[]; problem?: string } {
  const cards = cardsIn(text);
  if (!cards)
    return {
      people: [],
      problem: 'There is no card in it that can be read: a vCard file begins with BEGIN:VCARD.',
    };
  const entries = cards.map((properties, i) => {
    const first = (name: string): unknown => properties.find(([one]) => one === name)?.[3];
    const name = String(first('fn') ?? '').trim() || nameOf(first('n'));
    const bday = String(first('bday') ?? '');
    const born = dayOf(bday);
    const sex = SEX[String([first('gender')].flat()[0] ?? '').toUpperCase()];
    const left = [...new Set(properties.flatMap(([one]) => NOT_KEPT[one] ?? []))];
    return {
      at: i + 1,
      name,
      told: { name, ...(born ? { born } : {}), ...(sex ? { sex } : {}) },
      notes: [
        ...(bday && !born ? [`Born ${bday}: the year or the day is not said, and is to be asked.`] : []),
        ...(left.length ? [`Not kept here: ${left.join(', ')}.`] : []),
      ],
    };
  });
  return { people: lookedAt(entries, bringing) };
}

/** The cards of a file; nothing where it is none. */
function cardsIn(text: string): Property[][] | undefined {
  try {
    const parsed = ICAL.parse(text) as unknown[];
    // One card is itself; several are a list of them.
    const cards = (parsed[0] === 'vcard' ? [parsed] : parsed) as ['vcard', Property[]][];
    return cards.every(([kind]) => kind === 'vcard') && cards.length
      ? cards.map(([, properties]) => properties)
      : undefined;
  } catch {
    return undefined;
  }
}

/** Family and given names in their order of speaking: a card has them the other way round. */
function nameOf(value: unknown): string {
  const [family, given, more] = (Array.isArray(value) ? value : [value]).map((part) =>
    String(part ?? '').trim(),
  );
  return [given, more, family].filter(Boolean).join(' ');
}

/** `1984-05-31`, `19840531` or a moment of that day; a birthday without a year is none. */
function dayOf(text: string): string | undefined {
  const [, year, month, day] = /^(\d{4})-?(\d{2})-?(\d{2})/.exec(text) ?? [];
  return year && month && day ? `${year}-${month}-${day}` : undefined;
}
