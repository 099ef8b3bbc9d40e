import { useNavigate } from 'react-router';
import { GROUP_WORDS } from '../../domain/intake/groups.js';
import { WhoFields } from '../../domain/person/PersonFields.js';
import { useNewPerson } from '../../domain/person/useNewPerson.js';
import { Button } from '../../ui/Button.js';
import { DraftNotice } from '../../ui/DraftNotice.js';
import { Page } from '../../ui/Page.js';
import { Problem } from '../../ui/states.js';

/** Somebody new: who it is; from there on everything is saved as it is typed. */
export function NewPersonScreen() {
  const navigate = useNavigate();
  const { form, draft, send, isSending, wrong, problem } = useNewPerson(
    (id) => void navigate(`/people/${id}/intake?group=why`, { replace: true }),
    { asked: ['who'] },
  );
  return (
    <Page title="A new person" up={[{ to: '/people', name: 'People' }]} about={GROUP_WORDS.who[1]}>
      <form noValidate onSubmit={send} className="max-w-3xl space-y-5">
        <DraftNotice draft={draft} />
        <WhoFields form={form} wrong={wrong} />
        {problem && <Problem error={problem} />}
        <Button look="main" type="submit" disabled={isSending}>
          Next: why
        </Button>
      </form>
    </Page>
  );
}
