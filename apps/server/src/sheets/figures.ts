import {
  figureLabel,
  isShownByStored,
  propsFor,
  rangesOn,
  solveFor,
  type BodySeen,
  type Build,
  type Catalogue,
  type SheetFigure,
} from '@lotus-steady/core';
import {
  drawFigure,
  drawMovement,
  lookOf,
  mirrorScene,
  neutralLook,
  resolveColours,
  type FigureScene,
  type FigureSize,
} from '@lotus-steady/figure';
import { PALETTES, SCULPTURE } from '@lotus-steady/figure/node';
import { recentTexts } from '../common/recentTexts.js';
import type { Drawing } from './paper/paper.js';

/** In which colours a sheet is drawn. */
export type Colours = keyof typeof PALETTES;

/** Units of the frame that figures are drawn in: its size on the paper is another matter. */
const FRAME: FigureSize = { width: 140, height: 119, margin: 3 };
const LARGE: FigureSize = { width: 352, height: 300, margin: 8 };

/** Drawings made lately, letters: a sheet that is printed again, or in another way, is there at once. */
const KEPT = 12_000_000;
const drawings = recentTexts(KEPT);

/** Draws the figures of a sheet, on whose body each is. */
export class Figures {
  /**
   * @param bodies of people by id
   * @param some the body where nobody in particular is meant
   */
  constructor(
    private readonly catalogue: Catalogue,
    private readonly bodies: Readonly<Record<string, BodySeen>>,
    private readonly some: BodySeen,
    private readonly colours: Colours,
  ) {}

  draw(figure: SheetFigure, isLarge = false): Drawing {
    const whose = figure.personId && this.bodies[figure.personId];
    const { personId: _personId, ...shape } = figure;
    const key = JSON.stringify([this.catalogue.version, shape, whose || this.some, this.colours, isLarge]);
    const size = isLarge ? LARGE : FRAME;
    const svg = drawings.get(key) ?? this.drawn(figure, size);
    drawings.set(key, svg);
    const { pose, variant } = this.catalogue.variant(figure.variant);
    const alt = figureLabel(pose, variant, variant.frames.length > 1 ? 'move' : 0, figure.side);
    return { svg, width: size.width, height: size.height, alt };
  }

  private drawn(figure: SheetFigure, size: FigureSize): string {
    const scenes = this.scenesOf(figure);
    const markup =
      scenes.length > 1 ? drawMovement(scenes, size, SCULPTURE) : drawFigure(scenes[0]!, size, SCULPTURE);
    const coloured = resolveColours(markup, PALETTES[this.colours]);
    return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${size.width} ${size.height}">${coloured}</svg>`;
  }

  private scenesOf({ variant: id, share, side, personId, ranges }: SheetFigure): FigureScene[] {
    const { pose, variant } = this.catalogue.variant(id);
    const whose = personId ? this.bodies[personId] : undefined;
    const { heightCm, build } = whose ?? this.some;
    const own = {
      ...(ranges ? { ranges: rangesOn(side, ranges) } : {}),
      ...(share === undefined ? {} : { share }),
    };
    const shown = isShownByStored(this.catalogue, id, heightCm, build, own)
      ? storedFor(this.catalogue, id, heightCm, build)
      : { ...solveFor(this.catalogue, id, heightCm, build, own), heightCm };
    const scenes = shown.postures.map((posture): FigureScene => ({
      posture,
      heightCm: shown.heightCm,
      build,
      look: whose ? lookOf(whose) : neutralLook(pose.id, build),
      props: shown.props,
      view: variant.view,
      eyesClosed: variant.declared.eyesClosed,
    }));
    return side === 'left' && pose.side ? scenes.map(mirrorScene) : scenes;
  }
}

/** The stored solution nearest to a body. */
function storedFor(catalogue: Catalogue, id: string, tall: number, build: Build) {
  const { postures, heightCm } = catalogue.postures(id, tall, build);
  return { postures, heightCm, props: propsFor(catalogue.variant(id).variant, heightCm) };
}
