import type { PropPlacement } from '@lotus-steady/core/body';

const otherSide = (name: string): string => name.replace(/([RL])$/, (side) => (side === 'R' ? 'L' : 'R'));

/** The props of the left form of a variant that is described on the right. */
export const mirrorProps = (props: readonly PropPlacement[]): PropPlacement[] =>
  props.map((prop): PropPlacement => {
    switch (prop.kind) {
      case 'wall':
        return prop;
      case 'chair':
      case 'stool':
        return prop.z ? { ...prop, z: -prop.z } : prop;
      case 'strap':
        return { ...prop, through: prop.through.map(otherSide) };
      case 'roll':
        return { ...prop, between: [otherSide(prop.between[0]), otherSide(prop.between[1])] };
      default:
        return { ...prop, under: prop.under.map(otherSide) };
    }
  });
