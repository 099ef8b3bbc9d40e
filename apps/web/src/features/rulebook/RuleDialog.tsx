import type { ReactNode } from 'react';
import type { DraftOfForm } from '../../data/drafts/useDraft.js';
import { Button } from '../../ui/Button.js';
import { DraftNotice } from '../../ui/DraftNotice.js';
import { Modal } from '../../ui/Modal.js';

/** The frame of a dialog that changes one of the hall's rules: its fields, then Cancel and the one that saves. */
export const RuleDialog = ({
  title,
  save,
  saving,
  draft,
  onClose,
  onSubmit,
  aside,
  children,
}: {
  title: string;
  /** What the button says. */
  save: string;
  saving: boolean;
  draft: Pick<DraftOfForm<unknown>, 'typedAt' | 'startAgain' | 'forget'>;
  onClose: () => void;
  onSubmit: () => void;
  /** Another way out, at the far end. */
  aside?: ReactNode;
  children: ReactNode;
}) => (
  <Modal title={title} onClose={onClose}>
    <form
      noValidate
      className="space-y-4"
      onSubmit={(event) => {
        event.preventDefault();
        onSubmit();
      }}
    >
      <DraftNotice draft={draft} />
      {children}
      <div className="flex flex-wrap justify-end gap-3">
        {aside && <span className="mr-auto">{aside}</span>}
        <Button
          onClick={() => {
            draft.forget();
            onClose();
          }}
        >
          Cancel
        </Button>
        <Button look="main" type="submit" disabled={saving}>
          {saving ? 'Saving …' : save}
        </Button>
      </div>
    </form>
  </Modal>
);
