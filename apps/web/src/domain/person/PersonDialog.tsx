import type { PersonLine } from '../../data/types.js';
import { Modal } from '../../ui/Modal.js';
import { PersonForm } from './PersonForm.js';

/** The short form over the screen one came from. */
export const PersonDialog = ({
  person,
  onClose,
  onSaved,
}: {
  person?: PersonLine;
  onClose: () => void;
  onSaved: (id: string) => void;
}) => (
  <Modal title={person ? person.name : 'A new person'} onClose={onClose}>
    <PersonForm person={person} onSaved={onSaved} onCancel={onClose} />
  </Modal>
);
