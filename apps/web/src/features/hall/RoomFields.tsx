import { readRoom, WALLS } from '@lotus-steady/core';
import { X } from 'lucide-react';
import { useFieldArray, useWatch, type UseFormReturn } from 'react-hook-form';
import { Walls } from '../../domain/room/Walls.js';
import { Button } from '../../ui/Button.js';
import { CheckField, SelectField, TextField } from '../../ui/Field.js';
import { roomOf, type RoomValues } from './roomValues.js';

interface Props<T extends { room: RoomValues }> {
  form: UseFormReturn<T>;
  /** What is wrong with a field, by its name at the server. */
  wrong: (field: string) => string | undefined;
}

/** How large a place is, where its doors are, which walls one can lean on; drawn as it is said. */
export function RoomFields({ form, wrong }: Props<{ room: RoomValues }>) {
  const { register, control } = form;
  const doors = useFieldArray({ control, name: 'room.doors' });
  const said = roomOf(useWatch({ control, name: 'room' }));
  const { room } = said ? readRoom(said) : {};
  return (
    <fieldset>
      <legend className="mb-1 font-semibold">The room</legend>
      <p className="mb-2 text-sm text-soft">
        Seen from above, the teacher at the front. Left blank, a plan is drawn as large as it must be.
      </p>
      <div className="grid gap-x-6 gap-y-3 sm:grid-cols-[minmax(0,1fr)_12rem]">
        <div className="space-y-3">
          <div className="grid grid-cols-2 gap-3">
            <TextField
              label="Width, m"
              inputMode="decimal"
              error={wrong('room.widthCm')}
              {...register('room.width')}
            />
            <TextField
              label="Depth, m"
              inputMode="decimal"
              error={wrong('room.depthCm')}
              {...register('room.depth')}
            />
          </div>
          <div
            role="group"
            aria-label="Walls one can lean on"
            className="flex flex-wrap items-center gap-x-4"
          >
            <span className="w-full">Walls one can lean on</span>
            {WALLS.map((wall) => (
              <CheckField key={wall} label={wall} {...register(`room.freeWalls.${wall}`)} />
            ))}
          </div>
          {doors.fields.map(({ id }, i) => (
            <div key={id} className="flex items-end gap-2">
              <SelectField
                label={`Door ${i + 1}, wall`}
                className="min-w-0 flex-1"
                {...register(`room.doors.${i}.wall`)}
              >
                {WALLS.map((wall) => (
                  <option key={wall} value={wall}>
                    {wall}
                  </option>
                ))}
              </SelectField>
              <TextField
                label={`Door ${i + 1}, at m`}
                inputMode="decimal"
                className="w-28"
                error={wrong(`room.doors[${i}]`)}
                {...register(`room.doors.${i}.at`)}
              />
              <Button look="quiet" aria-label={`Remove door ${i + 1}`} onClick={() => doors.remove(i)}>
                <X aria-hidden size={18} />
              </Button>
            </div>
          ))}
          <Button onClick={() => doors.append({ wall: 'back', at: '1' })}>Add a door</Button>
          <p className="text-sm text-soft">
            Where the middle of a door is: from the left, or from the front.
          </p>
        </div>
        {room && (
          <svg
            viewBox={`-40 -40 ${room.widthCm + 80} ${room.depthCm + 80}`}
            role="img"
            aria-label="The room from above"
            className="max-h-60 w-full self-start"
          >
            <Walls room={room} />
          </svg>
        )}
      </div>
    </fieldset>
  );
}
