import type { Fitter } from '../fitting/fitter.js';
import type { Pace } from '../people/pace.js';
import type { Catalogue } from '../poses/catalogue.js';

/** What it is filled with. */
export interface FrameTools {
  catalogue: Catalogue;
  /** Made ready for the people of the frame. */
  fitter: Fitter;
  on: string;
  pace: Pace;
}
