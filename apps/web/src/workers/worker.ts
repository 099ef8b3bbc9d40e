/** The one worker: heavy sums, off the page's own thread, on one copy of the catalogue. */
import { expose } from 'comlink';
import { fitWork } from './fitWork.js';
import { solveWork } from './solveWork.js';
import { takeCatalogue } from './workCatalogue.js';

const work = { takeCatalogue, ...fitWork, ...solveWork };
export type Work = typeof work;

expose(work);
