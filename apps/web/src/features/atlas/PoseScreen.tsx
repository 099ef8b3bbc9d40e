import { plainSpelling, type Pose, type Variant } from '@lotus-steady/core';
import { GitCompareArrows, Pencil, Printer, Trash2 } from 'lucide-react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { catalogue } from '../../data/catalogue.js';
import { useOwnVariants } from '../../data/ownVariants/useOwnVariants.js';
import { useRemoveOwnVariant } from '../../data/ownVariants/useRemoveOwnVariant.js';
import type { KeptVariant } from '../../data/types.js';
import { Figure } from '../../domain/figure/Figure.js';
import { Button, ButtonLink } from '../../ui/Button.js';
import { Page } from '../../ui/Page.js';
import { Empty, Problem } from '../../ui/states.js';
import { sayRemoved } from '../../ui/toasts.js';
import { InAClass } from './InAClass.js';
import { PoseFigure } from './PoseFigure.js';
import { PoseGuide } from './PoseGuide.js';
import { WhoTakesCare } from './WhoTakesCare.js';

/** One pose: its ladder, its body, its words. */
export function PoseScreen() {
  const { id = '' } = useParams();
  // Own variants are part of the catalogue: where they change, so may the pose.
  const { data: own = [] } = useOwnVariants();
  const pose = catalogue().poses.find((known) => known.id === id);
  return pose ? (
    <KnownPose pose={pose} own={own} />
  ) : (
    <Page title="Atlas">
      <Empty action={<ButtonLink to="/atlas">To the atlas</ButtonLink>}>
        There is no such pose in the catalogue.
      </Empty>
    </Page>
  );
}

function KnownPose({ pose, own }: { pose: Pose; own: readonly KeptVariant[] }) {
  const [params, setParams] = useSearchParams();
  const navigate = useNavigate();
  const { remove, restore } = useRemoveOwnVariant();
  const rung = (id: string | null): Variant | undefined => pose.ladder.find((each) => each.id === id);
  const variant = rung(params.get('variant')) ?? rung(pose.usual)!;
  const mine = own.find((each) => each.id === variant.id);
  const removeMine = ({ key, name, poseName }: KeptVariant): void =>
    remove.mutate(key, {
      onSuccess: () => {
        void navigate(poseName ? '/atlas' : `/atlas/${pose.id}`, { replace: true });
        sayRemoved(name, () => restore.mutateAsync(key));
      },
    });
  return (
    <Page
      title={pose.name}
      up={[{ to: '/atlas', name: 'Atlas' }]}
      wide
      about={
        <>
          {pose.sanskrit && (
            <>
              <i lang="sa-Latn">{pose.sanskrit}</i> ({plainSpelling(pose.sanskrit)}).{' '}
            </>
          )}
          {pose.meaning}
        </>
      }
      actions={
        <>
          <ButtonLink
            to={`/atlas/compare?a=${variant.id}&b=${pose.ladder.find((each) => each !== variant)?.id ?? variant.id}`}
          >
            <GitCompareArrows aria-hidden size={18} />
            Compare
          </ButtonLink>
          {mine ? (
            <Button disabled={remove.isPending} onClick={() => removeMine(mine)}>
              <Trash2 aria-hidden size={18} />
              Delete my variant
            </Button>
          ) : (
            <ButtonLink to={`/atlas/${pose.id}/own?base=${variant.id}`}>
              <Pencil aria-hidden size={18} />A variant of my own
            </ButtonLink>
          )}
          <ButtonLink to={`/atlas/cards?ids=${pose.id}`}>
            <Printer aria-hidden size={18} />
            Card
          </ButtonLink>
        </>
      }
    >
      <div className="px-5 py-4">
        {remove.error && <Problem error={remove.error} />}
        <Ladder
          pose={pose}
          chosen={variant}
          own={own}
          onChoose={(id) => setParams({ variant: id }, { replace: true })}
        />
        <div className="grid gap-8 lg:grid-cols-[minmax(22rem,1fr)_minmax(24rem,1fr)]">
          <PoseFigure key={variant.id} pose={pose} variant={variant} />
          <div className="space-y-6">
            <PoseGuide pose={pose} variant={variant} />
            <WhoTakesCare pose={pose} variant={variant} />
            <InAClass pose={pose} variant={variant} />
          </div>
        </div>
      </div>
    </Page>
  );
}

/** Every version from easiest to fullest, to choose one. */
const Ladder = ({
  pose,
  chosen,
  own,
  onChoose,
}: {
  pose: Pose;
  chosen: Variant;
  own: readonly KeptVariant[];
  onChoose: (id: string) => void;
}) => (
  <>
    <h2 className="sr-only">Versions</h2>
    <ol
      className="no-print mb-5 flex gap-2 overflow-x-auto pb-2"
      aria-label="Versions, from easiest to fullest"
    >
      {pose.ladder.map((each) => (
        <li key={each.id} className="flex shrink-0">
          <button
            type="button"
            aria-pressed={each === chosen}
            onClick={() => onChoose(each.id)}
            className={
              `flex w-36 flex-col rounded-xl border bg-(--fig-paper) p-1.5 text-left ` +
              `text-sm ` +
              `${each === chosen ? 'border-2 border-teal font-semibold' : 'border-line hover:border-teal'}`
            }
          >
            <Figure variant={each.id} width={132} height={104} className="w-full" decorative />
            {each.name}
            {each.id === pose.usual && <span className="font-normal text-soft">usual</span>}
            {own.some((known) => known.id === each.id) && (
              <span className="font-normal text-indigo">my own</span>
            )}
          </button>
        </li>
      ))}
    </ol>
  </>
);
