import { withoutPerson } from '@lotus-steady/core';
import { packed, unpackedJson } from './packedFitting.js';
import { unpackedFitting, type KeptFitting } from './unpackedFitting.js';

/** What a fitting was made from, as far as it says whose something is. */
interface MadeFrom {
  people: readonly { id: string }[];
  choices?: { overrides?: readonly { personId: string }[] };
}

/** A kept fitting and what it was made from, packed, without anything of one person. */
export async function fittingWithoutPerson({
  kept,
  madeFrom,
  personId,
}: {
  kept: KeptFitting;
  madeFrom: Uint8Array;
  personId: string;
}): Promise<{ fitting: Uint8Array; madeFrom: Uint8Array }> {
  const made = JSON.parse(await unpackedJson(madeFrom, kept.format)) as MadeFrom;
  const others = {
    ...made,
    people: made.people.filter(({ id }) => id !== personId),
    choices: {
      ...made.choices,
      overrides: (made.choices?.overrides ?? []).filter((one) => one.personId !== personId),
    },
  };
  return {
    fitting: packed(withoutPerson(await unpackedFitting(kept), personId)),
    madeFrom: packed(others),
  };
}
