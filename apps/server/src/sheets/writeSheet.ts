import { bodySeen, withoutHealth, type BodySeen } from '@lotus-steady/core';
import { unpackedFitting, type KeptFitting } from '../classes/unpackedFitting.js';
import { ownCatalogue, type OwnVariants } from '../own-variants/ownCatalogue.js';
import type { PersonLineDto } from '../people/person.dto.js';
import { Figures, type Colours } from './figures.js';
import { CLASS_SETTINGS, writeClassSheet } from './kinds/classSheet.js';
import { writeMatCards } from './kinds/matSheet.js';
import { writePictureCards, writePoseCards } from './kinds/poseSheet.js';
import { Paper } from './paper/paper.js';
import type { Sheet, SheetKind } from './sheet.js';

/** What a sheet of a class is written from. */
export interface SheetTask {
  kind: SheetKind;
  colours: Colours;
  title: string;
  on: string;
  when: string;
  kept: KeptFitting;
  own: OwnVariants;
  /** Who comes, as far as they are drawn; nobody for whoever may not know of their health. */
  people: readonly Pick<
    PersonLineDto,
    'id' | 'sex' | 'born' | 'heightCm' | 'weightKg' | 'conditions' | 'can'
  >[];
  /** For whoever helps in the room: nothing of anybody's health is on it. */
  isPlain: boolean;
  /** Picture cards have no names. */
  isWordless: boolean;
}

const WRITERS: Readonly<Record<SheetKind, (sheet: Sheet) => void>> = {
  class: (sheet) => writeClassSheet(sheet, CLASS_SETTINGS.class),
  large: (sheet) => writeClassSheet(sheet, CLASS_SETTINGS.large),
  handover: (sheet) => writeClassSheet(sheet, CLASS_SETTINGS.handover),
  mats: writeMatCards,
  pictures: writePictureCards,
  poses: writePoseCards,
};

/** Writes a sheet of a class. @returns it as a PDF */
export async function writeSheet(task: SheetTask): Promise<Uint8Array> {
  const { kind, colours, title, on, when, people, isWordless } = task;
  const catalogue = ownCatalogue(task.own);
  const whole = await unpackedFitting(task.kept);
  const fitting = task.isPlain ? withoutHealth(whole, catalogue) : whole;
  const bodies = Object.fromEntries(people.map((person) => [person.id, bodySeen(person, on)]));
  const figures = new Figures(catalogue, bodies, usualBody(Object.values(bodies)), colours);
  const paper = new Paper(title, on, colours === 'ink');
  WRITERS[kind]({ title, when, fitting, catalogue, figures, paper, isWordless });
  return paper.done();
}

const GROWN: BodySeen = { heightCm: 165, build: 'adult', without: [], onWheels: false };

/** Whose body shows what is for everybody: a grown person's, or among children a child's of the middle one's height. */
function usualBody(bodies: readonly BodySeen[]): BodySeen {
  const children = bodies.filter(({ build }) => build !== 'adult').sort((a, b) => a.heightCm - b.heightCm);
  const middle = children[Math.floor(children.length / 2)];
  if (!middle || children.length * 2 <= bodies.length) return GROWN;
  return { ...GROWN, heightCm: middle.heightCm, build: middle.build };
}
