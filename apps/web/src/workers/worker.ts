/** The one worker: heavy sums, off the page's own thread, on one copy of the catalogue. */
import { expose } from 'comlink';
import { askWork } from './askWork.js';
import { fitWork } from './fitWork.js';
import { solveWork } from './solveWork.js';
import { takeCatalogue } from './workCatalogue.js';

const work = { takeCatalogue, ...askWork, ...fitWork, ...solveWork };
export type Work = typeof work;

expose(work);
