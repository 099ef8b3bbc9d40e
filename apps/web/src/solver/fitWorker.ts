import { expose } from 'comlink';
import { fitWork } from './fitWork.js';

expose(fitWork);
