import type { BodyRanges, Build, Finding, LaneStep, Override } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import type { Look } from '@lotus-steady/figure/scene';
import { X } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { variantById, wayById } from '../../data/catalogue.js';
import { useSession } from '../../data/session/useSession.js';
import { Button } from '../../ui/Button.js';
import { Figure } from '../figure/Figure.js';
import { WayFigures } from '../figure/WayFigures.js';
import { LimitBar } from '../marks/LimitBar.js';
import { VerdictMark } from '../marks/VerdictMark.js';
import { Cited } from '../words/Cited.js';
import { measureWords } from '../words/measureWords.js';
import { sayHold, sayProps } from '../words/say.js';
import { sayWay } from '../words/sayWay.js';
import { Alternatives } from './Alternatives.js';
import { Chosen } from './Chosen.js';
import { OverrideForm } from './OverrideForm.js';
import { ShowOnFigure, type Marking } from './ShowOnFigure.js';
import { WhyFigures } from './WhyFigures.js';

interface Props {
  person: { id: string; name: string };
  heightCm: number;
  build: Build;
  /** What they look like; somebody where it is not known. */
  look?: Look;
  /** How far their joints go. */
  ranges: BodyRanges;
  entry: LaneStep;
  /** Others who do the same: their why may differ. */
  others: readonly { id: string; name: string }[];
  onPerson: (id: string) => void;
  /** The teacher's own choice; absent where nothing can be changed. */
  onOverride?: (override: Override | undefined) => void;
  onClose: () => void;
}

/**
 * Why this and not the asked: figures side by side, every rule with its number against its limit, and what
 * else would do.
 */
export function WhyPanel({
  person,
  heightCm,
  build,
  look,
  ranges,
  entry,
  others,
  onPerson,
  onOverride,
  onClose,
}: Props) {
  const [marked, setMarked] = useState<Finding>();
  // Whoever helps in the room is told what, and not why.
  const { hall } = useSession();
  const isHere = marked !== undefined && entry.findings.includes(marked);
  return (
    <div className="flex h-full flex-col overflow-y-auto p-5" data-testid="why">
      <Heading person={person} entry={entry} onClose={onClose} />
      {others.length > 1 && <Who others={others} chosen={person.id} onPerson={onPerson} />}
      <WhyFigures
        entry={entry}
        heightCm={heightCm}
        build={build}
        look={look}
        ranges={ranges}
        marked={isHere ? marked : undefined}
      />
      <HoldAndProps entry={entry} />
      {hall.role !== 'assistant' && (
        <Reasons entry={entry} name={person.name} marked={isHere ? marked : undefined} onMark={setMarked} />
      )}
      {entry.way && <Way way={entry.way} heightCm={heightCm} build={build} />}
      {entry.then && <Then then={entry.then} />}
      <Section title="To say">
        <ul className="list-disc pl-5">
          {entry.cues.map((cue) => (
            <li key={cue} className={cue === entry.asFarAs?.says ? 'font-semibold' : ''}>
              {cue}
            </li>
          ))}
        </ul>
      </Section>
      {!onOverride && entry.alternatives.length > 0 && (
        <Section title="Also possible">
          <Alternatives entry={entry} heightCm={heightCm} build={build} look={look} />
        </Section>
      )}
      {onOverride && (
        <OverrideForm
          key={`${person.id} ${entry.step} ${entry.variant} ${entry.override?.reason ?? ''}`}
          person={person}
          entry={entry}
          onOverride={onOverride}
        />
      )}
    </div>
  );
}

const Section = ({ title, children }: { title: string; children: ReactNode }) => (
  <section className="mt-4 border-t border-line pt-3">
    <h3 className="text-lg">{title}</h3>
    {children}
  </section>
);

/** Which way, for whom, instead of what. */
function Heading({ person, entry, onClose }: Pick<Props, 'person' | 'entry' | 'onClose'>) {
  const { pose, variant } = variantById(entry.variant);
  return (
    <div className="flex items-start gap-2">
      <div className="flex-1">
        <VerdictMark verdict={entry.verdict} />
        <Chosen entries={[entry]} />
        <h2 className="mt-1 text-xl">
          {pose.name}
          {entry.askedVariant === entry.variant ? '' : `, ${entry.asFarAs ? sayWay(entry) : variant.name}`}
        </h2>
        <p className="text-soft">
          for {person.name}
          {entry.verdict === 'as-written' ? '' : `, instead of ${entry.asked}`}
          {entry.sides.length === 1 ? ` (${entry.sides[0]} side)` : ''}
        </p>
      </div>
      <Button look="quiet" onClick={onClose} aria-label="Close the why">
        <X aria-hidden size={22} />
      </Button>
    </div>
  );
}

/** Whose why it is, among those who do the same. */
const Who = ({ others, chosen, onPerson }: Pick<Props, 'others' | 'onPerson'> & { chosen: string }) => (
  <div className="mt-2 flex flex-wrap gap-1" role="group" aria-label="Who">
    {others.map(({ id, name }) => (
      <button
        key={id}
        type="button"
        aria-pressed={id === chosen}
        onClick={() => onPerson(id)}
        className={
          `min-h-9 rounded-full border px-3 ` +
          `${id === chosen ? 'border-teal bg-teal-wash font-semibold' : 'border-line'}`
        }
      >
        {name}
      </button>
    ))}
  </div>
);

const HoldAndProps = ({ entry }: Pick<Props, 'entry'>) => (
  <>
    <p className="mt-2">
      {sayHold(entry.hold, entry.sides)}
      {entry.props.length ? ` · ${sayProps(entry.props)}` : ''}
      {entry.waits
        ? ` · done ${entry.waits} s before the others: ${entry.waitOut ?? 'rest, or follow the breath'}`
        : ''}
    </p>
    {entry.props.map(({ prop, count, heightCm, where }) => (
      <p key={prop + where} className="text-soft">
        {prop}
        {count > 1 ? ` × ${count}` : ''}
        {heightCm ? `, ${heightCm} cm` : ''}: {where}
      </p>
    ))}
  </>
);

/** Every rule that is met, what the house view lets pass, and what the room has to do with it. */
function Reasons({ entry, name, marked, onMark }: Pick<Props, 'entry'> & { name: string } & Marking) {
  const { findings, allowedBy, because, sidesDiffer } = entry;
  const rules = [...new Set(findings.map(({ rule }) => rule))];
  return (
    <Section title="Why">
      {allowedBy?.map(({ topic, name: view, positionName, other, reason }) => (
        <p key={topic} className="mt-2 rounded-lg border border-indigo px-3 py-2">
          <b className="text-indigo">Allowed by your view on {view.toLowerCase()}</b> (
          {positionName.toLowerCase()}). With “{other.toLowerCase()}”: {reason}
        </p>
      ))}
      {because && (
        <p className="mt-2">
          {because.kind === 'stock'
            ? `There are not enough ${because.prop}s for everyone; this does without.`
            : 'Fewer versions were asked for: this joins what others do.'}
        </p>
      )}
      {sidesDiffer && <p className="mt-2">The sides differ: {sidesDiffer}</p>}
      {!rules.length && !allowedBy && (
        <p className="text-soft">Nothing that is known about {name} touches this step.</p>
      )}
      {rules.map((rule) => (
        <Rule
          key={rule}
          findings={findings.filter((finding) => finding.rule === rule)}
          marked={marked}
          onMark={onMark}
        />
      ))}
    </Section>
  );
}

/** What is put in after the step, to answer it. */
function Then({ then }: { then: NonNullable<LaneStep['then']> }) {
  const { pose, variant } = variantById(then.variant);
  return (
    <Section title="Then">
      <div className="flex items-center gap-2">
        <Figure variant={then.variant} className="w-24 shrink-0" decorative />
        <p>
          <b>{pose.name}</b>, {variant.name}, {sayHold(then.hold, then.sides)}
          <span className="block text-soft">{then.reason}</span>
        </p>
      </div>
    </Section>
  );
}

/** How one gets here from the step before; where the usual way is out, why. */
const Way = ({
  way: { moves, none, instead, pause, pauseSeconds },
  heightCm,
  build,
}: Pick<Props, 'heightCm' | 'build'> & {
  way: NonNullable<LaneStep['way']>;
}) => (
  <Section title="Getting there">
    {none && (
      <p className="font-semibold text-clay">
        No way that suits is known: someone helps, or stay where you are.
      </p>
    )}
    <ol className="list-decimal pl-5">
      {moves.map(({ id, name, backwards }) => (
        <li key={id + name}>
          {name}
          <WayFigures way={wayById(id)} backwards={backwards} heightCm={heightCm} build={build} />
        </li>
      ))}
    </ol>
    {instead.map((reason) => (
      <p key={reason} className="mt-1 text-soft">
        Not the usual way: {reason}
      </p>
    ))}
    {pause && (
      <p className="mt-1">
        {pause}
        {pauseSeconds ? ` Allow ${pauseSeconds} s.` : ''}
      </p>
    )}
  </Section>
);

/** What the positions under which a rule does not hold are called. */
function otherPositions({ topic, positions }: NonNullable<Finding['house']>): string {
  const others = RULEBOOK.houseViewTopics[topic]!.positions.filter(({ id }) => !positions.includes(id)).map(
    ({ name }) => `“${name.toLowerCase()}”`,
  );
  return others.length ? `with ${others.join(' or ')} it would not hold.` : 'it holds under every position.';
}

function Rule({ findings, marked, onMark }: { findings: readonly Finding[] } & Marking) {
  const [first] = findings;
  const onAsked = findings.find((finding) => finding.on !== 'chosen');
  const onChosen = findings.find((finding) => finding.on === 'chosen');
  if (!first) return null;
  return (
    <div className="mt-3" data-rule={first.rule}>
      <p>{first.reason}</p>
      {first.changed && (
        <p className={first.changed.how === 'loosened' ? 'font-semibold text-clay' : 'text-teal'}>
          {first.changed.how === 'own'
            ? 'A rule of your own'
            : `${first.changed.how === 'loosened' ? 'Loosened' : 'Tightened'} here`}{' '}
          by {first.changed.by}: {first.changed.reason}
        </p>
      )}
      {first.house && (
        <p className="text-sm text-indigo">
          Decided by your view on {RULEBOOK.houseViewTopics[first.house.topic]!.name.toLowerCase()};{' '}
          {otherPositions(first.house)}
        </p>
      )}
      {[onAsked, onChosen].map((finding) => {
        if (!finding) return null;
        const { words, unit, most, drawn } = measureWords(finding.measure, finding.value, finding.limit);
        const name = `${words}, ${finding.on === 'chosen' ? 'chosen' : 'asked'}`;
        // A cue that stays is no fault of the chosen way; what broke a limit is.
        const fine = finding.on === 'chosen' && (finding.met || finding.level === 'watch');
        if (drawn)
          return (
            <div key={finding.on}>
              <LimitBar
                label={name}
                value={finding.value as number}
                limit={finding.limit as number}
                unit={unit}
                met={fine}
                most={most}
              />
              <ShowOnFigure finding={finding} marked={marked} onMark={onMark} />
            </div>
          );
        if (finding.on === 'chosen' && onAsked) return null;
        return (
          <p key={finding.on} className="text-sm text-soft">
            {words}
            {typeof finding.value === 'string'
              ? `: ${finding.value.replaceAll('-', ' ')}; asked for: ${String(finding.limit).replaceAll('-', ' ')}`
              : ''}
          </p>
        );
      })}
      <p className="text-sm text-soft">
        <Cited evidence={first.evidence} /> · {RULEBOOK.conditionName(first.condition)}
        {first.level === 'watch' ? ' · watch' : ''}
      </p>
    </div>
  );
}
