import { Button } from './Button.js';
import type { Difference } from './differences.js';

interface Props {
  /** What was changed: "this person". */
  what: string;
  differences: readonly Difference[];
  onMine: () => void;
  onTheirs: () => void;
  /** Where only a part of theirs is taken. */
  takeTheirs?: string;
}

const NOTHING = <span className="text-soft">nothing</span>;

/** Someone else has saved in the meantime: both are shown, nothing is lost, and she decides. */
export const Conflict = ({ what, differences, onMine, onTheirs, takeTheirs = 'Take theirs' }: Props) => (
  <section role="alert" className="w-full space-y-3 rounded-xl border border-clay bg-clay-wash p-4">
    <p className="font-semibold">Someone else has changed {what} in the meantime.</p>
    {differences.length > 0 ? (
      <table className="w-full text-left">
        <thead>
          <tr className="text-soft">
            <td />
            <th scope="col" className="font-normal">
              Yours
            </th>
            <th scope="col" className="font-normal">
              Theirs
            </th>
          </tr>
        </thead>
        <tbody>
          {differences.map(({ label, mine, theirs }) => (
            <tr key={label} className="border-t border-line align-top">
              <th scope="row" className="py-1 pr-3 font-semibold">
                {label}
              </th>
              <td className="py-1 pr-3 whitespace-pre-line">{mine || NOTHING}</td>
              <td className="py-1 whitespace-pre-line">{theirs || NOTHING}</td>
            </tr>
          ))}
        </tbody>
      </table>
    ) : (
      <p>Both say the same now.</p>
    )}
    <div className="flex flex-wrap gap-2">
      <Button look="main" onClick={onMine}>
        Save mine
      </Button>
      <Button onClick={onTheirs}>{takeTheirs}</Button>
    </div>
  </section>
);
