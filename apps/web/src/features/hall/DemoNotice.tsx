import { useState } from 'react';
import { useRemoveDemo } from '../../data/session/useHalls.js';
import { useSignOut } from '../../data/session/useSignOut.js';
import { Button } from '../../ui/Button.js';
import { Modal } from '../../ui/Modal.js';
import { Problem } from '../../ui/states.js';

/** In the demo: how to begin with one's own hall, and how to be rid of this one. */
export function DemoNotice() {
  const [asks, setAsks] = useState(false);
  const remove = useRemoveDemo();
  const signOut = useSignOut('/sign-in?begin');
  return (
    <section className="mb-8 rounded-2xl border border-teal bg-teal-wash p-5">
      <h2 className="text-xl">This is the demo</h2>
      <p className="my-2 max-w-[70ch]">
        The hall, its teacher and everybody in it are made up. Your own hall begins empty and beside it:
        nothing goes from one to the other.
      </p>
      <div className="flex flex-wrap gap-3">
        <Button look="main" disabled={signOut.isPending} onClick={() => signOut.mutate()}>
          Begin with your own hall
        </Button>
        <Button onClick={() => setAsks(true)}>Remove the demo</Button>
      </div>
      {(remove.error ?? signOut.error) && <Problem error={(remove.error ?? signOut.error)!} />}
      {asks && (
        <Modal title="Remove the demo" onClose={() => setAsks(false)}>
          <p>
            Its made-up people, their classes and all that you tried here are gone for good.{' '}
            <code>npm start -- --fresh</code> brings a new demo, in place of everything.
          </p>
          <div className="mt-5 flex flex-wrap justify-end gap-3">
            <Button disabled={remove.isPending} onClick={() => remove.mutate()}>
              Remove it
            </Button>
            <Button look="main" onClick={() => setAsks(false)}>
              Keep it
            </Button>
          </div>
        </Modal>
      )}
    </section>
  );
}
