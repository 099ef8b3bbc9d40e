import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { catalogue } from '../../data/catalogue.js';
import { Page } from '../../ui/Page.js';

/** What the program is, what it is not, and which data it stands on. */
export const AboutScreen = () => (
  <Page title="About">
    <div className="max-w-[65ch] space-y-4 text-lg">
      <p>
        Lotus Steady fits a yoga class to the people who are coming: what each person does at each step, why,
        for how long and with which props.
      </p>
      <p>
        It advises a trained teacher. It does not diagnose. Usual cautions are shown; each person’s own
        doctor, midwife or physiotherapist and local rules come first, and the teacher decides.
      </p>
      <p>
        Every pose is a computed body in space. What a caution is about (where the head is, what the wrists
        carry, how far the back rounds) is measured on that body and held against a limit with a reason and
        the kind of evidence behind it. Published sources are cited from memory and marked so.
      </p>
      <p className="text-soft">
        {catalogue().poses.length} poses in{' '}
        {catalogue().poses.reduce((sum, pose) => sum + pose.ladder.length, 0)} variants (catalogue{' '}
        {catalogue().version}); {RULEBOOK.conditions.length} conditions and groups (rulebook{' '}
        {RULEBOOK.version}). What you enter stays in the database on this computer.
      </p>
    </div>
  </Page>
);
