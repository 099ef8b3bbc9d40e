import { useEffect, useRef } from 'react';

interface Props {
  /** What is wrong, each as it stands at its field. */
  messages: readonly string[];
  /** How often the form was sent: only then may the focus be taken, never while somebody types. */
  attempt: number;
}

/** Where a message stands in a form: its control, or its own place where it is about several. */
const fieldSaying = (form: HTMLFormElement, message: string): HTMLElement | undefined =>
  [...form.querySelectorAll<HTMLElement>('[aria-invalid], [data-error]')].find((place) => {
    const note = document.getElementById(place.getAttribute('aria-describedby') ?? '');
    return (note?.textContent ?? place.dataset.error) === message;
  });

/**
 * What is wrong with a long form, in one place beside the button that was pressed: each line leads to its
 * field. After the button it takes the focus, so that it is heard and seen.
 */
export function ErrorSummary({ messages, attempt }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const told = useRef(0);
  const isWrong = messages.length > 0;
  useEffect(() => {
    const types = document.activeElement?.matches('input, textarea, select');
    if (!isWrong || attempt === told.current || types) return;
    told.current = attempt;
    box.current?.focus();
  }, [attempt, isWrong]);
  if (!messages.length) return null;
  return (
    <div
      ref={box}
      tabIndex={-1}
      role="alert"
      className="rounded-xl border-2 border-clay bg-clay-wash p-4 outline-offset-2"
    >
      <p className="font-semibold">
        {messages.length === 1 ? 'One thing to mend:' : `${messages.length} things to mend:`}
      </p>
      <ul className="list-disc pl-5">
        {messages.map((message) => (
          <li key={message}>
            <button
              type="button"
              className="min-h-6 text-left underline underline-offset-2"
              onClick={() => {
                const form = box.current?.closest('form');
                if (form) fieldSaying(form, message)?.focus();
              }}
            >
              {message}
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
