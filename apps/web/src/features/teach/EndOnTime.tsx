import type { TimeLeft } from '@lotus-steady/core';
import { Button } from '../../ui/Button.js';
import { Modal } from '../../ui/Modal.js';
import { sayClock } from '../../domain/words/say.js';
import { sayTime } from './teachWords.js';

const CUT =
  'Holds and rounds are shortened, and what is needed least is left out. The final rest stays: five minutes, or ' +
  'what was planned if that is less.';

interface Props {
  /** When the class is to end, ms since 1970. */
  endsAt: number;
  /** What would be left of the time for what is not begun. */
  left: TimeLeft;
  /** Seconds that it is planned to take. */
  planned: number;
  onCut: (into: { left: TimeLeft }) => void;
  onClose: () => void;
}

/** The rest of the class fitted again within what is left of the time; the final rest is kept. */
export const EndOnTime = ({ endsAt, left, planned, onCut, onClose }: Props) => (
  <Modal title="End on time" onClose={onClose}>
    <p className="text-lg">
      The class is to end at {sayTime(endsAt)}. What comes after this step is planned to take{' '}
      {sayClock(planned)}, and {sayClock(left.seconds)} are left.
    </p>
    <p className="mt-3 text-lg">
      {planned > left.seconds ? CUT : 'There is time for all of it: nothing needs to be cut.'}
    </p>
    <div className="mt-5 flex flex-wrap justify-end gap-3">
      <Button onClick={onClose}>Cancel</Button>
      {planned > left.seconds && (
        <Button look="main" onClick={() => onCut({ left })}>
          Fit the rest into it
        </Button>
      )}
    </div>
  </Modal>
);
