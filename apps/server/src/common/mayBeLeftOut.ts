import { ValidateIf } from 'class-validator';

/** A field that may be left out; one that is there must hold, and nothing (`null`) does not. */
export const MayBeLeftOut = (): PropertyDecorator => ValidateIf((_, value: unknown) => value !== undefined);
