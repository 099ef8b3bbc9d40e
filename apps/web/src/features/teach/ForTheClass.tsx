import { useEndScreen, useMakeScreen, useScreen } from '../../data/screen/useScreen.js';
import { Button } from '../../ui/Button.js';
import { LinkOnce } from '../../ui/LinkOnce.js';
import { Modal } from '../../ui/Modal.js';
import { Problem } from '../../ui/states.js';

const NOTE =
  'It opens for twelve hours, and is shown here only now. The device must be in the hall’s network; at this computer ' +
  'it opens in a window of its own, for a second display.';

/** A second screen, for the class: made, opened, switched off. */
export function ForTheClass({ onClose }: { onClose: () => void }) {
  const screen = useScreen();
  const make = useMakeScreen();
  const end = useEndScreen();
  const isThere = screen.data?.since !== undefined;
  const error = make.error ?? end.error ?? screen.error;
  return (
    <Modal title="A screen for the class" onClose={onClose} wide>
      <p className="mb-4 text-lg">
        The figure, the breath and the count, large, as you go through the class. No names, and nothing of
        anybody’s health: those stay here.
      </p>
      {make.data && (
        <LinkOnce
          key={make.data.id}
          to="/screen"
          {...make.data}
          says="Open this on the screen that the class sees."
          note={NOTE}
        />
      )}
      {error && <Problem error={error} />}
      <div className="mt-5 flex flex-wrap justify-end gap-3">
        {isThere && (
          <Button
            look="quiet"
            className="mr-auto"
            disabled={end.isPending}
            onClick={() => end.mutate(undefined, { onSuccess: () => make.reset() })}
          >
            Switch it off
          </Button>
        )}
        {make.data && (
          <Button onClick={() => window.open(`/screen#${make.data.secret}`, '_blank', 'popup,noopener')}>
            Open it here
          </Button>
        )}
        <Button
          look={isThere ? 'plain' : 'main'}
          disabled={make.isPending}
          onClick={() => make.mutate(undefined)}
        >
          {isThere ? 'Make a new link' : 'Make a link'}
        </Button>
        <Button onClick={onClose}>Close</Button>
      </div>
    </Modal>
  );
}
