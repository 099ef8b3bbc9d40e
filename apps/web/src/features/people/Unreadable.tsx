import { useUnreadable } from '../../data/people/useUnreadable.js';

/** Of whom nothing can be read: she is in no list and no class until that is put right, and that is said. */
export function Unreadable() {
  const { data: names = [] } = useUnreadable();
  if (!names.length) return null;
  return (
    <div role="alert" className="mb-4 rounded-xl border border-clay bg-clay-wash p-4">
      <p>
        <b>What is known of {names.join(', ')} cannot be read.</b> The key it was encrypted with is not here,
        or it was changed outside of this program.
      </p>
      <p>
        Until that is put right nobody of them can be fitted: plan nothing for them from memory. Nothing of it
        was touched; put the file with the keys back, or a copy of the database.
      </p>
    </div>
  );
}
