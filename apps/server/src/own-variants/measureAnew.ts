import { measuredAnew, type ReadOwnVariant } from '@lotus-steady/core';
import { BUILT_IN } from '@lotus-steady/core/built-in';

/** An own variant solved again, where it was solved when bodies were measured in another way. */
export function measureAnew(own: ReadOwnVariant): ReadOwnVariant | undefined {
  const now = measuredAnew(own, BUILT_IN);
  return now === own ? undefined : now;
}
