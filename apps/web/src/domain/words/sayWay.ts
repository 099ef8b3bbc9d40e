import { type LaneStep } from '@lotus-steady/core';
import { variantById } from '../../data/catalogue.js';
import { sayHold } from './say.js';

/** What someone does instead, in a few words: "hands on a chair back", "18 s only", "a chair within reach". */
export function sayWay(entry: LaneStep): string {
  const { pose, variant } = variantById(entry.variant);
  if (entry.verdict === 'as-written') return 'as written';
  if (entry.asFarAs) {
    const { of, far } = entry.asFarAs;
    return of === entry.askedVariant ? far : `${variantById(of).variant.name}, ${far}`;
  }
  if (entry.pose !== entry.askedPose)
    return `${pose.name}, ${variant.name}${entry.stays ? ', as before' : ''}`;
  if (entry.variant !== entry.askedVariant) return variant.name;
  const added = entry.props.filter(
    (prop) => !variant.props.some((own) => own.kind === prop.prop && own.where === prop.where),
  );
  return added.length
    ? added.map((prop) => `a ${prop.prop} ${prop.where}`).join(', ')
    : `${sayHold(entry.hold)} only`;
}
