import { countdownFrom } from '@lotus-steady/core';
import { Tab, TabGroup, TabList, TabPanel, TabPanels } from '@headlessui/react';
import type { PersonLine } from '../../../data/types.js';
import { Modal } from '../../../ui/Modal.js';
import { BalanceOn } from './BalanceOn.js';
import { Countdown } from './Countdown.js';
import { Hops } from './Hops.js';
import { Signal } from './Signal.js';

const TABS = ['Chime', 'Countdown', 'Hops and quiet', 'Balance on'] as const;

const TAB =
  'min-h-12 rounded-lg border border-strong-line px-4 text-lg font-semibold ' +
  'data-selected:border-teal data-selected:bg-teal-wash';

/** What a children's class plays with, large enough for the whole circle. */
export const ForChildren = ({
  people,
  on,
  onClose,
}: {
  people: readonly Pick<PersonLine, 'born'>[];
  on: string;
  onClose: () => void;
}) => (
  <Modal title="With the children" onClose={onClose} wide>
    <TabGroup>
      <TabList className="mb-4 flex flex-wrap gap-2">
        {TABS.map((name) => (
          <Tab key={name} className={TAB}>
            {name}
          </Tab>
        ))}
      </TabList>
      <TabPanels>
        <TabPanel>
          <Signal />
        </TabPanel>
        <TabPanel>
          <Countdown from={countdownFrom(people, on)} />
        </TabPanel>
        <TabPanel>
          <Hops />
        </TabPanel>
        <TabPanel>
          <BalanceOn />
        </TabPanel>
      </TabPanels>
    </TabGroup>
  </Modal>
);
