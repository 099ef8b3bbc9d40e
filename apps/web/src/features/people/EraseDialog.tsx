import { useForm } from 'react-hook-form';
import { useErasePerson } from '../../data/people/useErasePerson.js';
import { Button } from '../../ui/Button.js';
import { TextField } from '../../ui/Field.js';
import { Modal } from '../../ui/Modal.js';
import { Problem } from '../../ui/states.js';
import type { Proof } from './ErasedProof.js';

interface Props {
  id: string;
  name: string;
  onClose: () => void;
  onErased: (proof: Proof) => void;
}

/** Erases somebody for good; the name is typed, so that nobody goes by a slip. */
export function EraseDialog({ id, name, onClose, onErased }: Props) {
  const erasing = useErasePerson();
  const { register, handleSubmit, watch } = useForm({ defaultValues: { typed: '' } });
  const isMeant = watch('typed').trim() === name;
  return (
    <Modal title={`Erase all that is kept of ${name}`} onClose={onClose}>
      <form
        noValidate
        className="space-y-4"
        onSubmit={(event) =>
          void handleSubmit(({ typed }) =>
            erasing.mutate(
              { id, name: typed.trim() },
              { onSuccess: (erased) => onErased({ ...erased, name }) },
            ),
          )(event)
        }
      >
        <p>
          What is known with every change, records, diary, answers, links, and the lane in every class that{' '}
          {name} was down for. What the others did stays as it was. <b>There is no undo.</b>
        </p>
        <p className="text-soft">
          <em>Remove</em>, on the page before, does the same an hour later and can be undone until then. Print
          or save this page first if a copy is wanted.
        </p>
        <TextField label={`Type “${name}” to go on`} autoComplete="off" {...register('typed')} />
        {erasing.error && <Problem error={erasing.error} />}
        <div className="flex flex-wrap justify-end gap-3">
          <Button onClick={onClose}>Cancel</Button>
          <Button look="main" type="submit" disabled={!isMeant || erasing.isPending}>
            {erasing.isPending ? 'Erasing …' : 'Erase for good'}
          </Button>
        </div>
      </form>
    </Modal>
  );
}
