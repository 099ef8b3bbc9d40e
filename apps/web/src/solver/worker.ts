import { expose } from 'comlink';
import { work } from './work.js';

expose(work);
