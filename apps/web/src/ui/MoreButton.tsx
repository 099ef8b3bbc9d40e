import { Button } from './Button.js';

interface Props {
  /** What there is more of: "people". */
  what: string;
  of: { hasNextPage: boolean; isFetchingNextPage: boolean; fetchNextPage: () => unknown };
}

/** The next part of a long list. */
export const MoreButton = ({ what, of: { hasNextPage, isFetchingNextPage, fetchNextPage } }: Props) =>
  hasNextPage ? (
    <Button className="mt-3" disabled={isFetchingNextPage} onClick={() => void fetchNextPage()}>
      {isFetchingNextPage ? 'Loading …' : `More ${what}`}
    </Button>
  ) : null;
