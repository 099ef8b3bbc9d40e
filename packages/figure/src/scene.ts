/** What a page knows of figures without drawing them: scenes, looks, marks, and sizes of pictures. */
export { HAIR_TONES, lookColours, SKIN_TONES, type Hair, type Look } from './people/look.js';
export { lookOf } from './people/lookOf.js';
export { neutralLook } from './people/neutralLook.js';
export { mirrorProps } from './props/mirrorProps.js';
export { mirrorScene } from './room/mirrorScene.js';
export type { MissingLimb } from './body/forms.js';
export type { PaintedFigure } from './paint/paintFigure.js';
export type { Palette } from './draw/resolveColours.js';
export type { BendJoint, Mark } from './marks/marks.js';
export type { Region } from './view/regions.js';
export type { FigureSize } from './room/page.js';
export type { FigureScene } from './room/stage.js';
