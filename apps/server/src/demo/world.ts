import type { Room } from '@lotus-steady/core';
import { BACKS, BUMP, CHAIRS, ROCKPOOL, THURSDAY } from './sequences.js';
import { demoPeople, type DemoPerson } from './people.js';

export interface DemoClass {
  title: string;
  inDays: number;
  time: string;
  place: string;
  sequence: string;
  people: readonly string[];
  /** So many have room in its group, and who waits for a place. */
  most: number;
  waiting: readonly string[];
  /** Who belongs to its group and stays away this week. */
  away: readonly string[];
}

/** A day in the week after `today` on which a weekday falls: 0 Sunday to 6 Saturday. */
export const daysUntil = (today: string, weekday: number): number => {
  const now = new Date(`${today}T12:00:00Z`).getUTCDay();
  return (weekday - now + 7) % 7;
};

export const DEMO_SEQUENCES: readonly string[] = [THURSDAY, BACKS, CHAIRS, BUMP, ROCKPOOL];

const named = (people: readonly DemoPerson[], ...first: string[]): string[] =>
  first.map((name) => people.find((person) => person.name.startsWith(name))!.name);

/** Rooms; what is said of the hall itself holds where nothing is said of a room. */
export const DEMO_PLACES: readonly {
  name: string;
  most: number;
  stock: Record<string, number>;
  room: Room;
}[] = [
  {
    name: 'Saltmarsh Hall',
    most: 14,
    stock: {},
    room: {
      widthCm: 960,
      depthCm: 1180,
      doors: [
        { wall: 'right', atCm: 160 },
        { wall: 'back', atCm: 880 },
      ],
      freeWalls: ['left', 'back'],
    },
  },
  {
    name: 'Saltmarsh Hall, the long room',
    most: 10,
    stock: {
      chair: 12,
      blanket: 12,
      block: 12,
      strap: 8,
      cushion: 8,
      bolster: 4,
      mat: 10,
      table: 1,
      roll: 2,
    },
    room: {
      widthCm: 560,
      depthCm: 1240,
      doors: [{ wall: 'left', atCm: 120 }],
      freeWalls: ['right', 'back'],
    },
  },
];

/** This week's classes at Saltmarsh Hall. */
export function demoClasses(today: string): readonly DemoClass[] {
  const people = demoPeople(today);
  const place = 'Saltmarsh Hall';
  return [
    {
      title: 'Thursday Mixed',
      inDays: daysUntil(today, 4),
      time: '18:00',
      place,
      sequence: THURSDAY,
      most: 14,
      waiting: [],
      away: ['Merle Kestin', 'Runa Thorne'],
      people: named(
        people,
        'Ines',
        'Tam',
        'Lio',
        'Rowan',
        'Hollis',
        'Perrin',
        'Bram',
        'Greta',
        'Edda',
        'Odile',
        'Jory',
      ),
    },
    {
      title: 'Steady Backs',
      inDays: daysUntil(today, 1),
      time: '10:00',
      place,
      sequence: BACKS,
      most: 6,
      waiting: ['Rowan Tidewell', 'Tam Orrin'],
      away: [],
      people: named(people, 'Bram', 'Caspar', 'Ilse', 'Ines', 'Jory', 'Edda'),
    },
    {
      title: 'Chairs by the Window',
      inDays: daysUntil(today, 2),
      time: '11:00',
      place: 'Saltmarsh Hall, the long room',
      sequence: CHAIRS,
      most: 8,
      waiting: [],
      away: ['Corin Thrale', 'Tobin Ashgrove'],
      people: named(people, 'Anselm', 'Maud', 'Bertil', 'Selma', 'Greta', 'Odile'),
    },
    {
      title: 'Bump and Breathe',
      inDays: daysUntil(today, 6),
      time: '09:30',
      place,
      sequence: BUMP,
      most: 6,
      waiting: [],
      away: ['Linnet Sallow'],
      people: named(people, 'Hollis', 'Nell', 'Petra', 'Wren'),
    },
    {
      title: 'Rockpool Club',
      inDays: daysUntil(today, 3),
      time: '15:30',
      place,
      sequence: ROCKPOOL,
      most: 10,
      waiting: [],
      away: [],
      people: named(people, 'Pip', 'Otti', 'Finn', 'Juno'),
    },
  ];
}
