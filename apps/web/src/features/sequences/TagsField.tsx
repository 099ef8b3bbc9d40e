import { X } from 'lucide-react';
import { useState } from 'react';

const TAG_MOST = 40;

/** Words a sequence is found by: typed with Enter, removed with a press. */
export function TagsField({
  title,
  tags,
  onChange,
}: {
  title: string;
  tags: readonly string[];
  onChange: (tags: string[]) => void;
}) {
  const [typed, setTyped] = useState('');
  const add = (): void => {
    const tag = typed.trim().toLowerCase().slice(0, TAG_MOST);
    setTyped('');
    if (tag && !tags.includes(tag)) onChange([...tags, tag]);
  };
  return (
    <span className="mt-1 flex flex-wrap items-center gap-1.5">
      {tags.map((tag) => (
        <button
          key={tag}
          type="button"
          aria-label={`Remove the tag ${tag}`}
          onClick={() => onChange(tags.filter((one) => one !== tag))}
          className={
            'flex min-h-7 items-center gap-1 rounded-full border border-line bg-ground px-2.5 ' +
            'text-sm hover:border-teal'
          }
        >
          {tag}
          <X aria-hidden size={14} />
        </button>
      ))}
      <input
        aria-label={`Add a tag, ${title}`}
        placeholder="add a tag"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={add}
        onKeyDown={(event) => {
          if (event.key !== 'Enter') return;
          event.preventDefault();
          add();
        }}
        className="min-h-7 w-28 rounded-full border border-dashed border-strong-line bg-transparent px-2.5 text-sm"
      />
    </span>
  );
}
