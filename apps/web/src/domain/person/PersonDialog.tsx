import { Modal } from '../../ui/Modal.js';
import { PersonForm } from './PersonForm.js';

/** The short form over the screen one came from. */
export const PersonDialog = ({
  onClose,
  onSaved,
}: {
  onClose: () => void;
  onSaved: (id: string) => void;
}) => (
  <Modal title="A new person" onClose={onClose}>
    <PersonForm onSaved={onSaved} onCancel={onClose} />
  </Modal>
);
