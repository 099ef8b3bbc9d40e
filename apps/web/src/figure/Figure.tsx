import { memo } from 'react';
import { mirrorPosture, type Build } from '@lotus-steady/core';
import { posturesFor, variantById } from '../catalogue.js';
import { drawFigure } from './drawFigure.js';
import { mirrorProps } from './mirrorProps.js';

/** Symbols that have been drawn, by what they show. A figure is drawn once and used wherever it is shown. */
const symbols = new Map<string, string>();
let sheet: SVGSVGElement | undefined;

/** The page's own sheet of symbols, out of sight. */
function symbolSheet(): SVGSVGElement {
  if (!sheet) {
    sheet = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
    sheet.setAttribute('aria-hidden', 'true');
    sheet.style.cssText = 'position:absolute;width:0;height:0;overflow:hidden';
    document.body.append(sheet);
  }
  return sheet;
}

/** The id of the symbol that shows a variant, drawn if it has not been before. */
function symbolFor(variantId: string, frame: number, mirrored: boolean, heightCm: number, build: Build, width: number, height: number): string {
  const key = [variantId, frame, mirrored, heightCm, build, width, height].join('|');
  let id = symbols.get(key);
  if (id === undefined) {
    const { variant } = variantById(variantId), { postures, heightCm: solvedAt } = posturesFor(variantId, heightCm, build), posture = postures[frame] ?? postures[0]!;
    const symbol = document.createElementNS('http://www.w3.org/2000/svg', 'symbol');
    id = `figure-${symbols.size}`;
    symbol.id = id;
    symbol.setAttribute('viewBox', `0 0 ${width} ${height}`);
    symbol.innerHTML = drawFigure(
      { posture: mirrored ? mirrorPosture(posture) : posture, heightCm: solvedAt, build, props: mirrored ? mirrorProps(variant.props) : variant.props, view: mirrored ? [180 - variant.view[0], variant.view[1]] : variant.view },
      { width, height, margin: width < 130 ? 4 : 8 });
    symbolSheet().append(symbol);
    symbols.set(key, id);
  }
  return id;
}

interface Props {
  variant: string;
  /** Which key frame of a movement. */
  frame?: number;
  side?: 'right' | 'left';
  heightCm?: number;
  /** Whose proportions; a grown person's unless said otherwise. */
  build?: Build;
  width?: number;
  height?: number;
  className?: string;
  /** The words beside it already say what it shows. */
  decorative?: boolean;
}

/** The computed skeleton of a variant, drawn. Its text alternative is composed from variant and side. */
export const Figure = memo(function Figure({ variant: id, frame = 0, side, heightCm = 165, build = 'adult', width = 112, height = 96, className = '', decorative }: Props) {
  const { pose, variant } = variantById(id);
  const label = `${pose.name}, ${variant.name}${variant.frames.length > 1 ? `, part ${frame + 1} of ${variant.frames.length}` : ''}${side ? `, ${side} side` : ''}`;
  return (
    <svg viewBox={`0 0 ${width} ${height}`} className={className} {...(decorative ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}>
      <use href={`#${symbolFor(id, frame, side === 'left', heightCm, build, width, height)}`} />
    </svg>
  );
});
