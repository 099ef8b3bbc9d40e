import type { WarningSign } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { Link, useSearchParams } from 'react-router';
import { ButtonLink } from '../../ui/Button.js';
import { SearchField } from '../../ui/SearchField.js';
import { Page } from '../../ui/Page.js';
import { Empty } from '../../ui/states.js';
import { GROUPS } from '../../domain/words/ruleWords.js';

const RULES = RULEBOOK.conditions.reduce((sum, { rules }) => sum + rules.length, 0);
const EVERYONE: readonly WarningSign[] = Object.values(
  RULEBOOK.warningSigns as Readonly<Record<string, WarningSign>>,
).filter(({ everyone }) => everyone);

/** Every condition and group, to find and open. */
export function RulebookScreen() {
  const [params, setParams] = useSearchParams();
  const find = params.get('find') ?? '';
  const setFind = (words: string): void => setParams(words ? { find: words } : {}, { replace: true });
  const typed = find.trim().toLowerCase();
  const found = RULEBOOK.conditions.filter(
    ({ name, aliases, maybe = [] }) =>
      !typed || [name, ...aliases, ...maybe].some((word) => word.toLowerCase().includes(typed)),
  );
  return (
    <Page
      title="Rulebook"
      about={`${RULEBOOK.conditions.length} conditions and groups, ${RULES} rules`}
      tools={
        <div className="flex min-w-64 flex-1 flex-col text-sm text-soft">
          <label htmlFor="find-condition">Find a condition, however it is called</label>
          <SearchField
            id="find-condition"
            value={find}
            onChange={setFind}
            placeholder="osteopenia, slipped disc, POTS …"
            className="text-base text-ink"
          />
        </div>
      }
      actions={
        <>
          <ButtonLink className="md:self-end" to="/rulebook/what-if">
            What if …
          </ButtonLink>
          <ButtonLink className="md:self-end" to="/eye">
            The teacher’s eye
          </ButtonLink>
        </>
      }
    >
      {!found.length && (
        <Empty>
          No condition of that name. Ask the person’s doctor or physiotherapist, and write what they say as an
          own limit.
        </Empty>
      )}
      <div className="gap-x-10 lg:columns-2">
        {GROUPS.map(([group, name]) => {
          const list = found.filter((condition) => condition.group === group);
          return (
            list.length > 0 && (
              <section key={group} className="mb-7 break-inside-avoid">
                <h2 className="mb-2 text-xl">{name}</h2>
                <ul className="divide-y divide-line overflow-hidden rounded-2xl border border-line bg-paper">
                  {list.map((condition) => (
                    <li key={condition.id}>
                      <Link
                        to={`/rulebook/${condition.id}`}
                        className="flex min-h-11 flex-wrap items-baseline gap-x-3 px-4 py-2 hover:bg-teal-wash"
                      >
                        <span className="font-semibold">{condition.name}</span>
                        <span className="ml-auto text-soft tabular-nums">{condition.rules.length} rules</span>
                      </Link>
                    </li>
                  ))}
                </ul>
              </section>
            )
          );
        })}
      </div>
      {!typed && (
        <section className="rounded-2xl border border-clay bg-paper p-5">
          <h2 className="mb-2 text-xl">Signs that stop a class for anyone</h2>
          <ul className="grid gap-x-8 gap-y-1 sm:grid-cols-2">
            {EVERYONE.map(({ asks, who }) => (
              <li key={asks}>
                {asks}: <b>{who}</b>
              </li>
            ))}
          </ul>
        </section>
      )}
    </Page>
  );
}
