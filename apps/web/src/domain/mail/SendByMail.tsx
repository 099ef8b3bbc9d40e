import { Mail } from 'lucide-react';
import { useId, useState } from 'react';
import { Link } from 'react-router';
import { useMail, usePutMail } from '../../data/mail/useMail.js';
import type { MailDraft } from '../../data/types.js';
import { Button } from '../../ui/Button.js';
import { BOX, CheckField, FieldFrame, TextField } from '../../ui/Field.js';
import { Problem } from '../../ui/states.js';

interface Props {
  id: string;
  what: Pick<MailDraft, 'kind' | 'home' | 'letter'>;
  subject: string;
  text: string;
  /** What must be so before it goes. */
  agreed: string;
}

/** To whom, and what is written beside the file: it goes into the outbox, and out where a mail server is set. */
export function SendByMail({ id, what, subject: usual, text: beginning, agreed }: Props) {
  const { data: outbox } = useMail();
  const put = usePutMail(id);
  const before = outbox?.mails.find((mail) => mail.personId === id && mail.kind === what.kind)?.to ?? '';
  const [to, setTo] = useState<string>();
  const [subject, setSubject] = useState(usual);
  const [text, setText] = useState(beginning);
  const [isAgreed, setAgreed] = useState(false);
  const head = useId();
  const address = to ?? before;
  const wrong = put.error?.fields.find(({ field }) => field === 'to')?.message;
  if (put.data) {
    const { sentAt, problem } = put.data;
    return (
      <p role="status" className="rounded-xl border border-teal bg-teal-wash p-4">
        {sentAt && `Sent to ${put.data.to}. `}
        {problem && <b className="text-clay">It was not sent: {problem} </b>}
        {!sentAt && !problem && 'It is in the outbox. No mail server is set, so nothing has left. '}
        <Link to="/mail" className="text-teal underline">
          See the outbox
        </Link>
      </p>
    );
  }
  return (
    <section aria-labelledby={head} className="space-y-3 rounded-2xl border border-line bg-paper p-5">
      <h3 id={head} className="text-lg">
        By mail
      </h3>
      <p className="text-soft">
        {outbox?.isOn
          ? `It is sent from ${outbox.from}. Mail can be read on its way.`
          : 'No mail server is set: it lies in the outbox, exactly as it would go.'}
      </p>
      <TextField
        label="To"
        type="email"
        autoComplete="off"
        value={address}
        {...(wrong ? { error: wrong } : {})}
        onChange={(event) => setTo(event.target.value)}
      />
      <TextField
        label="Subject"
        value={subject}
        maxLength={200}
        onChange={(event) => setSubject(event.target.value)}
      />
      <FieldFrame label="Words">
        {(ids) => (
          <textarea
            {...ids}
            rows={6}
            maxLength={5000}
            value={text}
            onChange={(event) => setText(event.target.value)}
            className={`${BOX} border-strong-line`}
          />
        )}
      </FieldFrame>
      <CheckField label={agreed} checked={isAgreed} onChange={(event) => setAgreed(event.target.checked)} />
      {put.error && !wrong && <Problem error={put.error} />}
      <Button
        look="main"
        disabled={put.isPending || !isAgreed || !address.trim() || !subject.trim()}
        onClick={() => put.mutate({ ...what, to: address.trim(), subject: subject.trim(), text })}
      >
        <Mail aria-hidden size={18} />
        {outbox?.isOn ? 'Send it' : 'Put it into the outbox'}
      </Button>
    </section>
  );
}
