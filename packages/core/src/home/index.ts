/**
 * What somebody practises alone at home.
 *
 * In: the fitting of a class, the person, what is in the house.
 * Out: the steps that are safe without anybody beside her, with what a house has for props, how often, and why others
 * are not for home.
 */
export { chosenAtHome, homeMinutes } from './chosenAtHome.js';
export { HOUSE_PROPS, USUAL_HOUSE, type HouseProp } from './houseProps.js';
export { homeDraft } from './homeDraft.js';
export { sayOften } from './sayOften.js';
export type { HomeDraft, HomeStep, NotAtHome } from './types.js';
