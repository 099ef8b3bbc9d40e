import type { StageSettings } from '@lotus-steady/core';
import { useMutation } from '@tanstack/react-query';
import { Download, UserPlus } from 'lucide-react';
import { memo } from 'react';
import { Link, useNavigate } from 'react-router';
import { usePeople } from '../../data/people/usePeople.js';
import type { PersonLine } from '../../data/types.js';
import { peopleCsv } from '../../domain/formats/peopleCsv.js';
import { Button, ButtonLink } from '../../ui/Button.js';
import { GroupSelect } from '../../domain/groups/GroupSelect.js';
import { SelectField } from '../../ui/Field.js';
import { saveFile } from '../../ui/saveFile.js';
import { Page } from '../../ui/Page.js';
import { useAddress } from '../../ui/useAddress.js';
import { today } from '../../data/today.js';
import { Empty, Problem, Reading } from '../../ui/states.js';
import { ownLimits, stagesToday } from '../../domain/person/personWords.js';
import { useStaging } from '../../domain/person/useStaging.js';
import { LongList } from '../../ui/LongList.js';
import { Unreadable } from './Unreadable.js';
import { MoreButton } from '../../ui/MoreButton.js';
import { SearchField } from '../../ui/SearchField.js';

const ORDERS = [
  ['name', 'by name'],
  ['changed', 'last changed first'],
  ['came', 'last or next class first'],
] as const;
type Order = (typeof ORDERS)[number][0];
const orderIn = (text: string | null): Order => ORDERS.find(([order]) => order === text)?.[0] ?? 'name';

/** Told anew only where somebody is known otherwise: to stage all in sight takes longer than a frame. */
const Line = memo(function Line({ person, staging }: { person: PersonLine; staging: StageSettings }) {
  return (
    <>
      <Link to={`/people/${person.id}`} className="w-56 font-display text-lg font-semibold hover:text-teal">
        {person.name}
      </Link>
      <span className="min-w-60 flex-1 text-soft">
        {[...stagesToday(person, staging), ...ownLimits(person)].join(' · ') || 'no known conditions'}
      </span>
    </>
  );
});

/** Everyone who comes. */
export function PeopleScreen() {
  const staging = useStaging(today());
  const [params, choose, sought, seek] = useAddress();
  const group = params.get('group') ?? '';
  const order = orderIn(params.get('order'));
  const put = (key: string, value: string): void => choose({ [key]: value });
  const navigate = useNavigate();
  const saving = useMutation({
    mutationFn: async () => saveFile('people.csv', await peopleCsv(), 'text/csv'),
  });
  const reading = usePeople(sought, { order, ...(group ? { group } : {}) });
  const { data: shown } = reading;
  const add = (
    <Button look="main" onClick={() => void navigate('/people/new')}>
      <UserPlus aria-hidden size={20} />
      Add a person
    </Button>
  );
  return (
    <Page
      title="People"
      main={add}
      actions={
        <>
          <ButtonLink to="/people/bring">Bring in from a file</ButtonLink>
          <Button
            look="quiet"
            onClick={() => saving.mutate()}
            disabled={saving.isPending}
            title="Everybody with all that is known, for a spreadsheet"
          >
            <Download aria-hidden size={20} />
            {saving.isPending ? 'Gathering …' : 'Save as a table (CSV)'}
          </Button>
        </>
      }
      tools={
        <SearchField
          label="Find a person"
          placeholder="Name, condition or class"
          value={sought}
          onChange={seek}
        />
      }
    >
      <div className="mb-4 flex flex-wrap gap-3">
        <SelectField
          label="Order"
          labelLook="small"
          className="w-56"
          value={order}
          onChange={({ target }) => put('order', target.value === 'name' ? '' : target.value)}
        >
          {ORDERS.map(([value, words]) => (
            <option key={value} value={value}>
              {words}
            </option>
          ))}
        </SelectField>
        <GroupSelect value={group} all="everybody" onChange={(id) => put('group', id)} />
      </div>
      {saving.error && <Problem error={saving.error} />}
      <Unreadable />
      <Reading what="Loading the people" of={reading} />
      {shown?.length === 0 &&
        (sought.trim() || group ? (
          <Empty>Nobody of that name, with that, or down for that.</Empty>
        ) : (
          <Empty action={add}>Nobody yet. Add the people who come to your classes.</Empty>
        ))}
      {shown && shown.length > 0 && (
        <LongList
          items={shown}
          keyOf={({ id }) => id}
          rowPx={62}
          className="divide-y divide-line overflow-hidden rounded-2xl border border-line bg-paper"
          rowClassName="flex flex-wrap gap-x-6 gap-y-1 px-5 py-3 hover:bg-teal-wash"
        >
          {(person) => <Line person={person} staging={staging} />}
        </LongList>
      )}
      <MoreButton what="people" of={reading} />
    </Page>
  );
}
