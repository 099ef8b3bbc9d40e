/** Sequences ready to teach; apart, so that only who looks for one takes them in. */
export { READY, READY_COURSES } from '../catalogue/ready/index.js';
