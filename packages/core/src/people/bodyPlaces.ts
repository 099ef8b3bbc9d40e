import { USUAL_RANGE } from '../body/ranges.js';
import type { Side } from '../side.js';
import type { Person } from './types.js';

/** A place of the body that hurts, as one points at it. */
export interface BodyPlace {
  id: string;
  words: string;
  /** There is one on either side. */
  sided?: true;
  /** Where it is pointed at. */
  seen: 'front' | 'back' | 'both';
  /** What it may be, by ids of conditions: what people with pain there most often have been told. */
  conditions: readonly string[];
}

/** Places that hurt, from the head down. Common practice, no published source. */
export const BODY_PLACES: readonly BodyPlace[] = [
  { id: 'head', words: 'head', seen: 'both', conditions: ['migraine', 'other-headache'] },
  {
    id: 'neck',
    words: 'neck',
    seen: 'both',
    conditions: ['neck-pain', 'neck-disc', 'neck-arthritis', 'whiplash'],
  },
  {
    id: 'shoulder',
    words: 'shoulder',
    sided: true,
    seen: 'both',
    conditions: ['shoulder-impingement', 'frozen-shoulder', 'shoulder-instability', 'shoulder-replacement'],
  },
  { id: 'elbow', words: 'elbow', sided: true, seen: 'both', conditions: ['elbow-pain'] },
  {
    id: 'wrist',
    words: 'wrist or hand',
    sided: true,
    seen: 'both',
    conditions: ['wrist-pain', 'carpal-tunnel', 'hand-arthritis'],
  },
  {
    id: 'upper-back',
    words: 'upper back',
    seen: 'back',
    conditions: ['round-upper-back', 'low-bone-density'],
  },
  {
    id: 'low-back',
    words: 'low back',
    seen: 'back',
    conditions: [
      'low-back-pain',
      'lumbar-disc',
      'sciatica',
      'spinal-stenosis',
      'facet-pain',
      'spondylolisthesis',
    ],
  },
  { id: 'belly', words: 'belly', seen: 'front', conditions: ['reflux', 'abdominal-hernia', 'bowel-disease'] },
  {
    id: 'pelvis',
    words: 'pelvis',
    seen: 'both',
    conditions: ['pelvic-girdle-pain', 'pelvic-pain', 'pelvic-organ-prolapse'],
  },
  {
    id: 'hip',
    words: 'hip',
    sided: true,
    seen: 'both',
    conditions: ['hip-arthritis', 'hip-impingement', 'gluteal-tendon', 'hip-replacement'],
  },
  {
    id: 'thigh',
    words: 'back of the thigh',
    sided: true,
    seen: 'back',
    conditions: ['hamstring-tendon', 'sciatica'],
  },
  {
    id: 'knee',
    words: 'knee',
    sided: true,
    seen: 'both',
    conditions: ['knee-arthritis', 'meniscus-tear', 'kneecap-pain', 'knee-ligament', 'knee-replacement'],
  },
  {
    id: 'ankle',
    words: 'ankle or foot',
    sided: true,
    seen: 'both',
    conditions: ['ankle', 'plantar-heel-pain', 'big-toe', 'numb-feet'],
  },
];

/** A place on one side, as it is kept: `knee-left`, `neck`. */
export const placeOn = ({ id, sided }: BodyPlace, side: Side): string => (sided ? `${id}-${side}` : id);

/** Every place that can be kept. */
export const PAIN_PLACES: readonly string[] = BODY_PLACES.flatMap((place) =>
  place.sided ? [placeOn(place, 'right'), placeOn(place, 'left')] : [place.id],
);

/** The place that something kept names, and its side. @throws nothing: undefined for what is no place */
export function placeOf(kept: string): { place: BodyPlace; side?: Side } | undefined {
  const [, id, side] = /^(.*?)(?:-(right|left))?$/.exec(kept)!;
  const place = BODY_PLACES.find((one) => one.id === id);
  return place && { place, ...(side ? { side: side as Side } : {}) };
}

/** A place as it is said: "left knee". */
export function sayPlace(kept: string): string {
  const found = placeOf(kept);
  if (!found) return kept;
  return found.side ? `${found.side} ${found.place.words}` : found.place.words;
}

/** Which place a measured range is of. */
const RANGE_PLACES: readonly (readonly [RegExp, string])[] = [
  [/^neck/, 'neck'],
  [/^thoracic/, 'upper-back'],
  [/^(lumbar|sideBend)/, 'low-back'],
  [/^shoulder/, 'shoulder'],
  [/^wrist/, 'wrist'],
  [/^hipFlexionWithKneeStraight/, 'thigh'],
  [/^hip/, 'hip'],
  [/^knee/, 'knee'],
  [/^ankle/, 'ankle'],
];
/** Ranges measured below this share of what is usual count as limited. Common practice, no published source. */
const LIMITED = 0.8;

/**
 * Where somebody is limited, as places are kept: by what they have, what was measured short, limbs that are not full.
 *
 * @example limitedPlaces(withFrozenLeftShoulder) // ['shoulder-left']
 */
export function limitedPlaces({
  conditions,
  ranges,
  can,
}: Pick<Person, 'conditions' | 'ranges' | 'can'>): string[] {
  const both = (place: BodyPlace, side: unknown): string[] =>
    side === 'right' || side === 'left'
      ? [placeOn(place, side)]
      : [...new Set([placeOn(place, 'right'), placeOn(place, 'left')])];
  const had = conditions.flatMap(({ condition, details }) =>
    BODY_PLACES.filter((place) => place.conditions.includes(condition))
      .slice(0, 1)
      .flatMap((place) => both(place, details.side)),
  );
  const short = Object.entries(ranges).flatMap(([range, degrees]) => {
    const [, bare = '', side] = /^(.*?)(Right|Left)?$/.exec(range)!;
    const usual = (USUAL_RANGE as Readonly<Record<string, number>>)[bare];
    const id = RANGE_PLACES.find(([pattern]) => pattern.test(bare))?.[1];
    const place = BODY_PLACES.find((one) => one.id === id);
    return place && usual !== undefined && degrees < usual * LIMITED ? both(place, side?.toLowerCase()) : [];
  });
  const limbs = Object.keys(can.limbs ?? {}).map(
    (limb) => `${limb.endsWith('Arm') ? 'elbow' : 'knee'}-${limb.startsWith('right') ? 'right' : 'left'}`,
  );
  return [...new Set([...had, ...short, ...limbs])];
}
