/** The worker that draws: apart from the one that fits, so that neither waits for the other. */
import { expose } from 'comlink';
import { easelWork } from './easelWork.js';

expose(easelWork);
