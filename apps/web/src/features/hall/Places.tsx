import { PROP_NAMES } from '@lotus-steady/core';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { fieldsOf, savedMeanwhile } from '../../data/client.js';
import { usePlaces, useRemovePlace, useSavePlace } from '../../data/places/usePlaces.js';
import type { Place } from '../../data/types.js';
import { RoomFields } from './RoomFields.js';
import { roomOf, roomValues } from './roomValues.js';
import { Button } from '../../ui/Button.js';
import { TextField } from '../../ui/Field.js';
import { Modal } from '../../ui/Modal.js';
import { Problem, Reading } from '../../ui/states.js';

/** Rooms, and houses that one goes to: a class is fitted within what is where it is. */
export function Places() {
  const reading = usePlaces();
  const [editing, setEditing] = useState<Place | 'new'>();
  const { data: places = [] } = reading;
  return (
    <section>
      <h2 className="text-xl">Places</h2>
      <p className="mb-3 text-soft">
        Rooms, or houses you go to. A class at a place is fitted within the props that are there; where none
        are said, within those of the hall.
      </p>
      <Reading what="Loading the places" of={reading} />
      <ul className="mb-3 divide-y divide-line rounded-xl border border-line bg-paper empty:hidden">
        {places.map((place) => (
          <li key={place.id} className="flex flex-wrap items-center gap-x-4 px-4 py-2">
            <span className="min-w-40 flex-1">
              <b>{place.name}</b>
              <span className="block text-sm text-soft">
                {place.most ? `room for ${place.most} · ` : ''}
                {place.room ? `${place.room.widthCm / 100} × ${place.room.depthCm / 100} m · ` : ''}
                {sayStock(place.stock)}
              </span>
            </span>
            <Button look="quiet" aria-label={`Change ${place.name}`} onClick={() => setEditing(place)}>
              Change
            </Button>
          </li>
        ))}
      </ul>
      <Button onClick={() => setEditing('new')}>Add a place</Button>
      {editing && (
        <PlaceDialog
          {...(editing === 'new' ? {} : { known: editing })}
          onClose={() => setEditing(undefined)}
        />
      )}
    </section>
  );
}

const sayStock = (stock: Readonly<Record<string, number>>): string =>
  Object.entries(stock)
    .map(([prop, count]) => `${count} ${prop}${count === 1 ? '' : 's'}`)
    .join(', ') || 'props as in the hall';

function PlaceDialog({ known, onClose }: { known?: Place; onClose: () => void }) {
  const [base, setBase] = useState(known?.version);
  const form = useForm({
    defaultValues: {
      name: known?.name ?? '',
      most: known?.most ? String(known.most) : '',
      stock: Object.fromEntries(PROP_NAMES.map((prop) => [prop, String(known?.stock[prop] ?? '')])),
      room: roomValues(known?.room),
    },
  });
  const { register, handleSubmit } = form;
  const save = useSavePlace();
  const remove = useRemovePlace();
  const wrong = (field: string): string | undefined =>
    fieldsOf(save.error).find((one) => one.field === field)?.message;
  const theirs = savedMeanwhile<Place>(save.error);
  const problem = save.error ?? remove.error;
  return (
    <Modal title={known ? `Change ${known.name}` : 'A new place'} onClose={onClose}>
      <form
        noValidate
        className="space-y-4"
        onSubmit={(event) =>
          void handleSubmit(({ name, most, stock, room: said }) => {
            const room = roomOf(said);

            save.mutate(
              {
                ...(known && base !== undefined ? { id: known.id, version: base } : {}),
                draft: {
                  name,
                  ...(room ? { room } : {}),
                  ...(most.trim() ? { most: Number(most) } : {}),
                  stock: Object.fromEntries(
                    Object.entries(stock)
                      .filter(([, count]) => count.trim())
                      .map(([prop, count]) => [prop, Number(count)]),
                  ),
                },
              },
              { onSuccess: onClose },
            );
          })(event)
        }
      >
        <div className="grid gap-4 sm:grid-cols-[2fr_1fr]">
          <TextField label="Name" error={wrong('name')} {...register('name')} />
          <TextField
            label="How many have room"
            inputMode="numeric"
            error={wrong('most')}
            {...register('most')}
          />
        </div>
        <fieldset>
          <legend className="mb-1 font-semibold">Props that are there</legend>
          <p className="mb-2 text-sm text-soft">
            All blank: as in the hall. Otherwise a blank one counts as none.
          </p>
          <div className="grid grid-cols-2 gap-3 sm:grid-cols-5">
            {PROP_NAMES.map((prop) => (
              <TextField
                key={prop}
                label={`${prop[0]!.toUpperCase()}${prop.slice(1)}s`}
                inputMode="numeric"
                error={wrong(`stock.${prop}`)}
                {...register(`stock.${prop}`)}
              />
            ))}
          </div>
        </fieldset>
        <RoomFields form={form as never} wrong={wrong} />
        {theirs ? (
          <div role="alert" className="rounded-xl border border-clay bg-clay-wash p-4">
            <p className="mb-2">
              Someone else has changed this place in the meantime: {theirs.name}, {sayStock(theirs.stock)}.
            </p>
            <Button
              onClick={() => {
                setBase(theirs.version);
                save.reset();
              }}
            >
              Go on with mine
            </Button>
          </div>
        ) : (
          problem && !fieldsOf(problem).length && <Problem error={problem} />
        )}
        <div className="flex flex-wrap justify-end gap-3">
          {known && (
            <Button
              look="quiet"
              className="mr-auto"
              disabled={remove.isPending}
              onClick={() => remove.mutate(known.id, { onSuccess: onClose })}
            >
              Forget this place
            </Button>
          )}
          <Button onClick={onClose}>Cancel</Button>
          <Button look="main" type="submit" disabled={save.isPending}>
            {save.isPending ? 'Saving …' : 'Save the place'}
          </Button>
        </div>
      </form>
    </Modal>
  );
}
