/** Draws figures off the page's own thread. */
import { transfer } from 'comlink';
import {
  cameraOf,
  drawFigure,
  drawMovement,
  pageFor,
  paintFigure,
  postureBetween,
  readMesh,
  secondView,
  stageOf,
  type FaceLines,
  type FigureScene,
  type FigureSize,
  type Mark,
  type Page,
  type PaintedFigure,
  type Palette,
  type Sculpture,
  type Stage,
} from '@lotus-steady/figure';
import coarse from '@lotus-steady/figure/data/coarse.bin?url';
import face from '@lotus-steady/figure/data/face.json';
import fine from '@lotus-steady/figure/data/fine.bin?url';

let sculpture: Promise<Sculpture> | undefined;

async function read(address: string): Promise<Uint8Array> {
  const response = await fetch(address);
  if (!response.ok) throw new Error('The body of the figures could not be loaded.');
  return new Uint8Array(await response.arrayBuffer());
}

function sculpted(): Promise<Sculpture> {
  sculpture ??= Promise.all([read(fine), read(coarse)]).then(([fineBytes, coarseBytes]) => ({
    fine: readMesh(fineBytes),
    coarse: readMesh(coarseBytes),
    face: face as unknown as FaceLines,
  }));
  sculpture.catch(() => {
    sculpture = undefined;
  });
  return sculpture;
}

/** How a moving figure is painted: seen from where, how large, in which colours. */
export interface Painting {
  view: FigureScene['view'];
  size: FigureSize;
  palette: Palette;
  /** Pixels in a unit. */
  perUnit: number;
}

/** Key frames that are played: sent once, then named. */
interface Film {
  scenes: readonly FigureScene[];
  /** Where it was seen from last, and the page and the ground of that: they stay while it moves. */
  seen?: { of: string; page: Page; ground: Stage['ground'] };
}

const films = new Map<string, Film>();

/** One page for all of a film: its widest moment fits, and neither mat nor scale moves. */
function stillOf(film: Film, { view, size }: Painting, body: Sculpture): NonNullable<Film['seen']> {
  const of = JSON.stringify([view, size]);
  if (film.seen?.of === of) return film.seen;
  const stages = film.scenes.map((scene) => stageOf({ ...scene, view }, body.coarse));
  film.seen = { of, page: pageFor(stages, cameraOf(view), size), ground: stages[0]!.ground };
  return film.seen;
}

export const easelWork = {
  /** One scene as the inner markup of an SVG, or a movement if there are more. */
  async draw(
    scenes: readonly FigureScene[],
    size: FigureSize,
    idPrefix: string,
    marks: readonly Mark[],
  ): Promise<string> {
    const body = await sculpted();
    return scenes.length > 1
      ? drawMovement(scenes, size, body, idPrefix)
      : drawFigure(scenes[0]!, size, body, idPrefix, marks);
  },
  /** Another view, from which what is hidden now is seen best. */
  async secondView(scenes: readonly FigureScene[]): Promise<FigureScene['view']> {
    const { coarse: mesh } = await sculpted();
    return secondView(
      scenes.map((scene) => stageOf(scene, mesh)),
      scenes[0]!.view,
    );
  },
  /** Takes in key frames that will be played under a name; those of before are forgotten. */
  takeFilm(name: string, scenes: readonly FigureScene[]): void {
    films.set(name, { scenes });
  },
  dropFilm(name: string): void {
    films.delete(name);
  },
  /**
   * A moment as pixels.
   *
   * @param at 0 at the first key frame, 1 at the last; of a film of one, how full the breath is, in few steps: each
   *   is a form of its own, made once
   */
  async paint(name: string, at: number, painting: Painting): Promise<PaintedFigure | undefined> {
    const body = await sculpted();
    const film = films.get(name);
    if (!film) return undefined;
    const { scenes } = film;
    const { page, ground } = stillOf(film, painting, body);
    const along = Math.max(0, Math.min(1, at)) * (scenes.length - 1);
    const i = Math.max(0, Math.min(scenes.length - 2, Math.floor(along)));
    const from = scenes[i]!;
    const to = scenes[i + 1] ?? from;
    const posture = postureBetween(from.posture, to.posture, along - i, from);
    const props = along - i < 0.5 ? from.props : to.props;
    // What is held does not move, but breathes.
    const look = scenes.length > 1 ? from.look : { ...from.look, breath: at };
    const stage = stageOf({ ...from, look, posture, props, view: painting.view }, body.fine);
    const painted = paintFigure({ ...stage, ground }, page, body, painting.palette, painting.perUnit);
    return transfer(painted, [painted.pixels.buffer]);
  },
};
export type EaselWork = typeof easelWork;
