/** The folder of the pictures that the build has drawn: see `vite.config.ts`. */
declare const __FIGURES__: string;
