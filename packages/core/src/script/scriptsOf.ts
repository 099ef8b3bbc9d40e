import type { Catalogue } from '../poses/catalogue.js';
import type { Pose, Variant } from '../poses/types.js';
import type { Doing, Moment } from '../teaching/moments.js';
import { restLines } from './restLines.js';
import type { Said } from './said.js';

type Known = Pick<Catalogue, 'variant' | 'themes'>;

/** What a script depends on beside the class. */
export interface ScriptFor {
  catalogue: Known;
  /** Only children are in it. */
  isChildren: boolean;
  /** The teacher's own words, by pose. */
  own?: Readonly<Record<string, string>>;
}

/** A hold of so many seconds is a rest where nothing is worked at. */
const LONG_REST = 120;

/**
 * What there is to say at each moment of a class. Adults are invited before they are instructed, told the choices
 * from least to most, and in a known pose told little; children hear the story; a long rest is spoken slowly, and
 * mostly not. The teacher's own words stand in place of ours. What a rule asked to be said is said, whatever else is
 * left out.
 */
export function scriptsOf(moments: readonly Moment[], options: ScriptFor): Said[][] {
  const said = new Set<string>();
  return moments.map((moment, i) => {
    const before = moments[i - 1];
    const { pose } = options.catalogue.variant(moment.step.variant);
    const isKnown = said.has(pose.id);
    said.add(pose.id);
    const isOtherSide = before?.step.step === moment.step.step && !moment.round && !moment.then;
    return moment.then ? forThose(moment) : scriptOf(moment, i, { isKnown, isOtherSide }, options);
  });
}

function scriptOf(
  moment: Moment,
  number: number,
  { isKnown, isOtherSide }: { isKnown: boolean; isOtherSide: boolean },
  { catalogue, isChildren, own = {} }: ScriptFor,
): Said[] {
  const { pose, variant } = catalogue.variant(moment.step.variant);
  const side: Said[] = moment.side ? [{ as: 'side', says: `Your ${moment.side}.` }] : [];
  const always = safety(moment, catalogue);
  const out: Said[] = [{ as: 'come-out', says: pose.guide.comeOut }];
  if (isOtherSide)
    return [
      { as: 'invite', says: isChildren ? 'Shake it out. And now the other side.' : 'And the other side.' },
      ...side,
      ...always,
      ...out,
    ];
  const note: Said[] = moment.step.note ? [{ as: 'note', says: moment.step.note }] : [];
  const ownWords = own[pose.id];
  if (ownWords) return [...note, { as: 'own', says: ownWords }, ...side, ...always, ...out];
  if (isChildren)
    return [...(note.length ? note : story(pose, catalogue)), ...plain(variant), ...side, ...always];
  if (pose.family === 'rest' && moment.seconds >= LONG_REST)
    return [
      ...note,
      ...asked(pose, number),
      ...setUp(pose, variant),
      ...always,
      ...restLines(moment.seconds),
      ...out,
    ];
  const how = isKnown ? [] : [...setUp(pose, variant), ...breath(pose, variant, always)];
  const where: Said[] = isKnown
    ? []
    : [
        { as: 'feel', says: `Where you may feel it: ${lower(pose.guide.feel)}` },
        { as: 'feel', says: pose.guide.notHere },
      ];
  return [
    ...note,
    ...asked(pose, number),
    ...how,
    ...side,
    ...choices(moment, catalogue),
    ...always,
    ...where,
    ...out,
  ];
}

/** Three ways to invite, in turn: said each time alike it is an order. */
const INVITES = [
  (name: string) => `When you are ready, come to ${name}.`,
  (name: string) => `If it suits you today: ${name}.`,
  (name: string) => `You might come to ${name} now.`,
];

const asked = ({ name, family }: Pose, number: number): Said[] => [
  {
    as: 'invite',
    says:
      family === 'rest'
        ? `Make yourself comfortable: ${name.toLowerCase()}.`
        : INVITES[number % INVITES.length]!(name.toLowerCase()),
  },
];

/** How one gets there: what is said of the pose only where it is done as usual, and what is said of this way of it. */
function setUp(pose: Pose, variant: Variant): Said[] {
  const whole = variant.id === pose.usual ? [pose.guide.setUp] : [];
  const heard = new Set(whole.flatMap(wordsOf));
  const more = variant.cues.filter((cue) => wordsOf(cue).some((word) => !heard.has(word)));
  return [...whole, ...more].map((says) => ({ as: 'set-up', says }));
}

const wordsOf = (text: string): string[] => text.toLowerCase().match(/[a-z]+/g) ?? [];

/** Says on which breath something is done. */
const ON_A_BREATH = /breath(e|ing)? (in|out)\b|\b(in|out)-breath/i;

/** The breath of a movement: one direction, the one that is said with it already, and otherwise the pose's. */
function breath({ guide }: Pose, { cues }: Variant, asked: readonly Said[]): Said[] {
  if ([...cues, ...asked.map(({ says }) => says)].some((one) => ON_A_BREATH.test(one))) return [];
  return [
    ...(guide.in ? [{ as: 'breath' as const, says: `Breathing in: ${lower(guide.in)}` }] : []),
    ...(guide.out ? [{ as: 'breath' as const, says: `Breathing out: ${lower(guide.out)}` }] : []),
  ];
}

const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

/** A child is told one thing. */
const plain = ({ cues }: Variant): Said[] => cues.slice(0, 1).map((says) => ({ as: 'set-up', says }));

/** The shape in a story that has it. */
function story({ id }: Pose, { themes }: Known): Said[] {
  const shape = themes.flatMap(({ shapes }) => shapes).find(({ pose }) => pose === id);
  return shape ? [{ as: 'note', says: `${shape.name}. ${shape.task}` }] : [];
}

/** What is done in the room at this moment, from least to most, where it is more than one thing. */
function choices({ doing, step }: Moment, catalogue: Known): Said[] {
  const { pose } = catalogue.variant(step.variant);
  const rungs = new Map<string, number>();
  for (const { entry } of doing) {
    const { pose: own, variant } = catalogue.variant(entry.variant);
    const whole = variant.partOf?.variant ?? variant.id;
    const at = pose.ladder.findIndex(({ id }) => id === whole);
    if (own.id !== pose.id) rungs.set(own.name.toLowerCase(), -1);
    else rungs.set(variant.name, at + (variant.partOf ? variant.partOf.share - 1 : 0));
  }
  if (rungs.size < 2) return [];
  const names = [...rungs].sort(([, a], [, b]) => a - b).map(([name]) => name);
  return [
    {
      as: 'choices',
      says: `Choices, from least to most: rest; ${names.join('; ')}. Stay with the one that is yours.`,
    },
  ];
}

/** What a rule or the house view asked to be said: to all where it is for all, otherwise to those whom it is for. */
function safety({ doing }: Pick<Moment, 'doing'>, catalogue: Known): Said[] {
  const whom = new Map<string, string[]>();
  for (const { name, entry } of doing)
    for (const cue of entry.cues.filter((one) => !isOf(entry, one, catalogue)))
      whom.set(cue, [...(whom.get(cue) ?? []), name]);
  return [...whom].map(([says, names]) => ({
    as: 'safety',
    says,
    ...(names.length < doing.length ? { to: [...new Set(names)] } : {}),
  }));
}

const isOf = ({ variant }: Doing['entry'], cue: string, catalogue: Known): boolean =>
  catalogue.variant(variant).variant.cues.includes(cue);

/** After a step some do more; it is said to them, and to the others that they rest. */
const forThose = ({ differing }: Moment): Said[] => [
  ...differing.flatMap(({ name, entry }) =>
    entry.cues.map((says): Said => ({ as: 'safety', says, to: [name] })),
  ),
  { as: 'rest', says: 'Everybody else: rest, and follow the breath.' },
];
