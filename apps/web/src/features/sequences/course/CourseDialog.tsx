import { COURSE_WEEKS } from '@lotus-steady/core';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { fieldsOf } from '../../../data/client.js';
import { useAddCourse } from '../../../data/courses/useAddCourse.js';
import { today } from '../../../data/today.js';
import { Button } from '../../../ui/Button.js';
import { TextField } from '../../../ui/Field.js';
import { Modal } from '../../../ui/Modal.js';
import { Problem } from '../../../ui/states.js';
import type { CourseBeginning } from '../../../workers/beginWork.js';
import { atDesk } from '../../../workers/desk.js';
import { useDayRules } from '../useDayRules.js';

interface Values {
  title: string;
  weeks: number;
  startsOn: string;
  time: string;
  place: string;
}

/** Makes a course: what it begins with is known, and is written on week by week. */
export function CourseDialog({
  title,
  weeks = 8,
  asked,
  onClose,
}: {
  title: string;
  weeks?: number;
  asked: CourseBeginning;
  onClose: () => void;
}) {
  const { settings, own } = useDayRules();
  const { register, handleSubmit, formState } = useForm<Values>({
    defaultValues: { title, weeks, startsOn: today(), time: '', place: '' },
  });
  const add = useAddCourse();
  const navigate = useNavigate();
  const [step, setStep] = useState('');
  const make = useMutation({
    mutationFn: async ({ weeks, time, place, ...rest }: Values) => {
      setStep('Writing the weeks …');
      const written = await atDesk((work) => work.beginCourse(asked, weeks, settings, own));
      setStep('Saving …');
      return add.mutateAsync({
        ...rest,
        ...(time ? { time } : {}),
        ...(place.trim() ? { place: place.trim() } : {}),
        people: [],
        weeks: written,
      });
    },
    onSuccess: ({ id }) => void navigate(`/sequences/courses/${id}`),
  });
  const { errors } = formState;
  const wrong = (name: string): string | undefined =>
    fieldsOf(make.error).find(({ field }) => field === name)?.message;
  return (
    <Modal title="Make a course of it" onClose={onClose}>
      <form
        noValidate
        className="space-y-4"
        onSubmit={(event) => void handleSubmit((values) => make.mutate(values))(event)}
      >
        <p className="text-soft">
          Each week becomes a sequence of yours: a few steps move up, the rest repeats, every fourth week is
          lighter. A unit of children’s lessons calls the last one to mind and brings new shapes.
        </p>
        <TextField
          label="Title"
          error={errors.title?.message ?? wrong('title')}
          {...register('title', { required: 'Still needed: a title.' })}
        />
        <div className="grid grid-cols-2 gap-4 sm:grid-cols-3">
          <TextField
            label="Weeks"
            type="number"
            min={COURSE_WEEKS.least}
            max={COURSE_WEEKS.most}
            hint={`${COURSE_WEEKS.least} to ${COURSE_WEEKS.most}`}
            error={errors.weeks?.message}
            {...register('weeks', {
              valueAsNumber: true,
              validate: (weeks) =>
                (weeks >= COURSE_WEEKS.least && weeks <= COURSE_WEEKS.most && Number.isInteger(weeks)) ||
                `${COURSE_WEEKS.least} to ${COURSE_WEEKS.most} weeks.`,
            })}
          />
          <TextField
            label="First day"
            type="date"
            error={errors.startsOn?.message ?? wrong('startsOn')}
            {...register('startsOn', { required: 'Still needed: the first day.' })}
          />
          <TextField label="Time" type="time" error={wrong('time')} {...register('time')} />
        </div>
        <TextField label="Place" error={wrong('place')} {...register('place')} />
        {make.error && !fieldsOf(make.error).length && <Problem error={make.error} />}
        <div className="flex flex-wrap items-center justify-end gap-2">
          <span role="status" className="mr-auto text-soft">
            {make.isPending ? step : ''}
          </span>
          <Button onClick={onClose}>Cancel</Button>
          <Button look="main" type="submit" disabled={make.isPending}>
            Make the course
          </Button>
        </div>
      </form>
    </Modal>
  );
}
