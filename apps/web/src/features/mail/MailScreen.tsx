import { Download } from 'lucide-react';
import { Link } from 'react-router';
import { useMail, useRemoveMail, useSendMail } from '../../data/mail/useMail.js';
import type { Mail } from '../../data/types.js';
import { Button, SaveLink } from '../../ui/Button.js';
import { Page } from '../../ui/Page.js';
import { sayDay } from '../../ui/sayDay.js';
import { Problem, Reading } from '../../ui/states.js';

/** What goes out by mail, or would: exactly as it goes. */
export function MailScreen() {
  const reading = useMail();
  const { data } = reading;
  return (
    <Page
      up={[{ to: '/hall', name: 'Hall' }]}
      title="Outbox"
      about={
        data &&
        (data.isOn
          ? `Mail goes from ${data.from}.`
          : 'No mail server is set: everything stays here, exactly as it would go.')
      }
    >
      <Reading what="Opening the outbox" of={reading} />
      {data?.mails.length === 0 && (
        <p className="text-soft">Nothing yet. Sheets for home and letters are sent from somebody’s page.</p>
      )}
      <ul className="space-y-4">
        {data?.mails.map((mail) => (
          <One key={mail.id} mail={mail} isOn={data.isOn} />
        ))}
      </ul>
    </Page>
  );
}

function stateOf({ sentAt, problem }: Mail, isOn: boolean): string {
  if (sentAt) return `sent ${sayDay(sentAt)}`;
  if (problem) return `not sent: ${problem}`;
  return isOn ? 'not sent yet' : 'not sent';
}

function One({ mail, isOn }: { mail: Mail; isOn: boolean }) {
  const send = useSendMail();
  const remove = useRemoveMail();
  const { id, to, subject, text, person, personId, createdAt, fileName, sentAt, problem } = mail;
  const error = send.error ?? remove.error;
  return (
    <li className="rounded-2xl border border-line bg-paper p-5">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 className="text-lg">{subject}</h2>
        <span className={problem ? 'font-semibold text-clay' : 'text-soft'}>{stateOf(mail, isOn)}</span>
      </div>
      <p className="text-soft">
        To <b className="text-ink">{to}</b>, about{' '}
        <Link to={`/people/${personId}`} className="text-teal underline">
          {person}
        </Link>
        , {sayDay(createdAt)}
      </p>
      <p className="my-3 whitespace-pre-line">{text}</p>
      {error && <Problem error={error} />}
      <div className="flex flex-wrap gap-3">
        {fileName && (
          <SaveLink href={`/api/mail/${id}/file`} download={fileName}>
            <Download aria-hidden size={18} />
            {fileName}
          </SaveLink>
        )}
        {isOn && !sentAt && (
          <Button disabled={send.isPending} onClick={() => send.mutate(id)}>
            {problem ? 'Try again' : 'Send it'}
          </Button>
        )}
        <Button look="quiet" disabled={remove.isPending} onClick={() => remove.mutate(id)}>
          Remove
        </Button>
      </div>
    </li>
  );
}
