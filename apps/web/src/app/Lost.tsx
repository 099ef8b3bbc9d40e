import { ButtonLink } from '../ui/Button.js';
import { Page } from '../ui/Page.js';
import { Empty } from '../ui/states.js';

/** An address that leads nowhere. */
export const Lost = () => (
  <Page title="Nothing here">
    <Empty action={<ButtonLink to="/classes">To the classes</ButtonLink>}>
      There is no screen at this address.
    </Empty>
  </Page>
);
