import {
  chosenAtHome,
  dateAfter,
  homeDraft as draftOf,
  nextChanges,
  readPeople,
  stagePerson,
  type HouseProp,
  type InputError,
} from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/built-in';
import { fitted, type FitTask } from '../classes/fitDraft.js';
import { ownCatalogue } from '../own-variants/ownCatalogue.js';
import type { HomeDraftDto } from './home.dto.js';

/** What is practised at home is looked at again after so many days. */
const WEEKS_4 = 28;

/**
 * What of a class somebody may practise alone, fitted to her as she is known today.
 *
 * @param task of a class to which she alone comes
 */
export function homeDraft({
  has,
  ...task
}: FitTask & { has: readonly HouseProp[] }): HomeDraftDto | { errors: InputError[] } {
  const done = fitted(task);
  if ('errors' in done) return done;
  const { on } = task.draft;
  const catalogue = ownCatalogue(task.own);
  const [coming] = task.coming;
  const { people } = readPeople([{ ...coming!.person, today: {} }], RULEBOOK, on);
  const settings = {
    ...{ on, houseView: done.houseView, rulebook: RULEBOOK, hall: task.hall.rules },
    poseName: (pose: string) => catalogue.poseName(pose),
  };
  const [person] = people;
  const draft = draftOf(done.fitting, stagePerson(person!, settings), { catalogue, on, has });
  const [change] = nextChanges(person!, settings, 1);
  const latest = dateAfter(on, WEEKS_4);
  // Something else holds for her from then on: until the day before.
  const until = change && change.on <= latest ? dateAfter(change.on, -1) : latest;
  const restsAt = (variant: string): boolean => catalogue.variant(variant).pose.purposes[0].action === 'rest';
  return { draft, chosen: chosenAtHome(draft, restsAt), until };
}
