import type { Evidence } from '../src/rules/types.js';
import type { Level, Purpose } from '../src/poses/types.js';
import { common, published } from '../src/authoring/ruleWords.js';

/**
 * Something said with poses of these ids, in this direction of the spine, on this level, to people with one
 * of these conditions.
 */
export interface SaidWith {
  poses?: readonly string[];
  spine?: Purpose['spine'];
  level?: Level;
  conditions?: readonly string[];
  says: string;
}

/** One position on a topic. */
export interface Position {
  id: string;
  /** As a teacher says it. */
  name: string;
  reason: string;
  evidence: Evidence;
  /** What is then said in class, with everything that is all of what is named here. */
  cue?: SaidWith;
}

/** Something good teachers differ on: positions from most careful on, and the usual one. */
export interface Topic {
  name: string;
  question: string;
  positions: readonly Position[];
  usual: string;
}

const tradition: Evidence = { kind: 'common-practice', source: 'tradition, no evidence of harm' };
const p = (id: string, name: string, reason: string, evidence: Evidence = common, cue?: Position['cue']): Position => ({
  id,
  name,
  reason,
  evidence,
  ...(cue ? { cue } : {}),
});
const topic = (name: string, question: string, usual: string, ...positions: Position[]): Topic => ({ name, question, positions, usual });
const LIFTS = [
  'bridge',
  'bridge-pulse',
  'locust',
  'prone-opposite-arm-leg',
  'seated-leg-lift',
  'side-lying-leg-lift',
  'side-leg-lift',
  'sit-to-stand',
  'heel-raise',
];
const LONG_HOLDS = [
  'hero',
  'half-frog',
  'butterfly',
  'reclined-butterfly',
  'seated-forward-fold',
  'head-to-knee',
  'pigeon',
  'supine-figure-four',
  'figure-four',
];
const UPRIGHT_ON_CHAIR = [
  'seated-breath',
  'three-part-breath',
  'long-out-breath',
  'rib-breath',
  'humming-breath',
  'neck-side-stretch',
  'neck-turn',
  'head-half-circle',
  'shoulder-roll',
  'wrist-circles',
  'finger-spread',
  'foot-pump',
  'arm-raise',
];
const FLOOR_OF_PELVIS = ['bridge', 'bridge-pulse', 'pelvic-tilt', 'pelvic-clock', 'pelvic-floor-breath'];
const said = (says: string, to: Omit<SaidWith, 'says'>): SaidWith => ({ ...to, says });
const TWISTS = { spine: 'twist' } as const;
const WAVES = ['cat-cow', 'forearm-waves'] as const;

/** Topics where good teachers differ. Ids are stable. */
export const HOUSE_VIEW_TOPICS: Readonly<Record<string, Topic>> = {
  'pregnancy-flat-lying': topic(
    'Flat lying in pregnancy',
    'From when, and how long, may she lie flat on her back?',
    'none-from-20',
    p('none-from-16', 'None from week 16', 'Nobody has to watch the clock; stricter than any source.'),
    p(
      'none-from-20',
      'Nothing long from week 20',
      'A minute at a time, five in all; brief and propped before.',
      published('acog-co-804', '"prolonged"; the minutes are common practice'),
    ),
    p('few-minutes-if-comfortable', 'A few minutes if comfortable', 'She feels it first: light-headed, sick or unwell means turn.', published('polis-2015')),
  ),
  'pregnancy-twist': topic(
    'Twists in pregnancy',
    'May the trunk turn?',
    'open-from-chest',
    p('none', 'None', 'Nothing to judge, nothing to press.'),
    p('open-from-chest', 'Open, from the chest', 'Up to half of the range, away from the belly.'),
    p('all-gentle', 'All that is gentle', 'Gentle turning is comfortable for most; still nothing closed.'),
  ),
  'pregnancy-strong-flow': topic(
    'Strong flow in pregnancy',
    'Plank, stepping back and deep lunges?',
    'step-knees-down',
    p('chair-and-wall-late', 'Chair and wall late on', 'From week 28 all strong shapes go to the chair or the wall.'),
    p('step-knees-down', 'Step, knees down', 'Strong belly holds go to the knees.'),
    p('practised-as-before', 'Practised as before', 'For those used to it; doming, breath and heaviness are the limit.', published('mottola-2018')),
  ),
  'pregnancy-standing-back-bend': topic(
    'Standing back bend in pregnancy',
    'A small lean back with the hands on the hips?',
    'small-hands-on-hips',
    p('none', 'None', 'The low back already hollows more.'),
    p('small-hands-on-hips', 'Small, hands on the hips', 'It opens the front and eases the low back.'),
  ),
  'pregnancy-fold': topic(
    'Standing fold in pregnancy',
    'How far does she fold?',
    'short-hands-on-blocks',
    p('short-hands-on-blocks', 'Half way, hands on blocks', 'The head stays up; rising is easy.'),
    p('hang-feet-wide', 'Hang, feet wide', 'With room for the belly hanging is pleasant for many.'),
  ),
  'bleeding-inversion': topic(
    'Upside down on bleeding days',
    'Full inversions while menstruating?',
    'none',
    p('none', 'None', 'Tradition; there is no evidence of harm.', tradition),
    p('few-breaths', 'A few breaths', 'A nod to tradition, without a ban.', tradition),
    p('own-choice', 'Her own choice', 'No evidence of harm, so she decides.', tradition),
  ),
  'controlled-pressure': topic(
    'High pressure under control',
    'Head below heart when the pressure is controlled?',
    'nothing-head-down',
    p('nothing-head-down', 'Nothing head-down', 'Nobody measures in class; the careful choice.'),
    p('supported-half-inversions', 'Supported half inversions, short', 'Half a minute of dog or fold is usual life.'),
    p('as-usual-no-holding', 'As usual, breath free', 'Controlled is controlled; strain with held breath is the risk.', published('edwards-2023')),
  ),
  'disc-rotation': topic(
    'Turning with a disc',
    'May the trunk turn with a lumbar disc?',
    'none',
    p('none', 'None', 'Nothing to judge by feel.'),
    p('slow-small-supported-once-settled', 'Slow, small, supported once settled', 'Up to a third of the range when it has calmed.'),
    p('any-slowly', 'Any, slowly, once settled', 'A settled back needs to move in every direction.', published('nice-ng59')),
  ),
  'shoulder-stand-bare': topic(
    'Shoulder stand without blankets',
    'On the bare mat?',
    'never',
    p('never', 'Never', 'No neck bends to 90 degrees: blankets fill what is missing.'),
    p('practised-with-control', 'Practised, with control', 'Some necks reach it; they know theirs.'),
  ),
  'scoliosis-asymmetry': topic(
    'Sides in scoliosis',
    'The same dose both sides?',
    'same-both-sides',
    p('same-both-sides', 'The same both sides', 'Mid-range and length; nobody has measured which side needs more.'),
    p('towards-curve-guided', 'More to one side, guided', 'Exercise specific to the curve, as the physiotherapist showed.', published('sosort-2016')),
  ),
  'twist-breath': topic(
    'Breath in twists',
    'Turn on which breath?',
    'out-breath',
    p('out-breath', 'Out-breath turns', 'The belly is soft and small.', common, { ...TWISTS, says: 'Lengthen on the in-breath, turn on the out-breath.' }),
    p('in-breath', 'In-breath turns', 'The ribs open with the turn.', common, { ...TWISTS, says: 'Turn on the in-breath, soften on the out-breath.' }),
  ),
  'wave-breath': topic(
    'Breath in spine waves',
    'Which breath rounds?',
    'out-rounds',
    p('out-rounds', 'Out-breath rounds', 'Emptying and rounding go together.', common, { poses: WAVES, says: 'Breathe out to round, in to hollow.' }),
    p('in-rounds', 'In-breath rounds', 'The breath fills the back.', common, { poses: WAVES, says: 'Breathe in to round, out to hollow.' }),
  ),
  'effort-breath': topic(
    'Breath in lifting',
    'Lift on which breath?',
    'lift-on-out',
    p(
      'lift-on-out',
      'Lift on the out-breath',
      'The belly works with the lift and nothing is held.',
      common,
      said('Lift as you breathe out.', { poses: LIFTS }),
    ),
    p('lift-on-in', 'Lift on the in-breath', 'The chest rises with the breath.', common, said('Lift as you breathe in.', { poses: LIFTS })),
  ),
  'breath-holding': topic(
    'Holding the breath',
    'Is the breath ever held in class?',
    'none-in-class',
    p('none-in-class', 'Not in class', 'Someone in the room should not, and she may not have said so.'),
    p('short-counts-for-the-well', 'Short counts for the well', 'A few counts are part of the tradition.'),
  ),
  'throat-breath': topic(
    'Throat breath',
    'Is the breath made to sound?',
    'own-choice',
    p(
      'natural-only',
      'Natural only',
      'Nothing to strain.',
      common,
      said('Let the breath be quiet; no sound in the throat.', { poses: ['victory-breath', 'seated-breath'] }),
    ),
    p('own-choice', 'Own choice', 'Those who like it use it.', common, said('With a soft sound in the throat, or without.', { poses: ['victory-breath'] })),
    p(
      'used-to-lengthen',
      'Used to lengthen',
      'A little sound makes the breath long.',
      common,
      said('A soft sound in the throat makes the breath long.', { poses: ['victory-breath', 'seated-breath'] }),
    ),
  ),
  'head-circles': topic(
    'Head circles',
    'All the way round?',
    'half-in-front',
    p('half-in-front', 'Half, in front', 'Back with turning closes the joints of the neck.', common, {
      poses: ['head-half-circle'],
      says: 'From shoulder to shoulder in front only.',
    }),
    p('slow-full', 'Slow and full', 'For easy necks, slowly.', common, { poses: ['head-half-circle'], says: 'All the way round, slowly, both ways.' }),
  ),
  'head-in-small-back-bends': topic(
    'The head in small back bends',
    'Where does the head go?',
    'in-line',
    p('never-back', 'Never back', 'The eyes stay on the floor.', common, {
      poses: ['cobra', 'chest-lift', 'low-chest-lift', 'locust'],
      says: 'Eyes to the floor; the back of the neck long.',
    }),
    p('in-line', 'In line', 'The neck carries on the curve.', common, {
      poses: ['cobra', 'chest-lift', 'low-chest-lift', 'locust'],
      says: 'Head in line with the back; look ahead and down.',
    }),
    p('gently-up', 'Gently up', 'The whole spine takes part.', common, {
      poses: ['cobra', 'chest-lift', 'low-chest-lift', 'locust'],
      says: 'Last of all the eyes rise a little.',
    }),
  ),
  'separated-belly-head-lift': topic(
    'Head lift with a separated belly',
    'When does the head lift again?',
    'not-until-closed',
    p('not-until-closed', 'Not until closed', 'Nothing to judge by feel.'),
    p('deep-engagement-when-cleared', 'With the deep layer, when cleared', 'Doming is the limit, not the width.', published('gluppe-2021')),
  ),
  'pelvic-floor': topic(
    'The pelvic floor',
    'Lift it or let it go?',
    'by-condition',
    p(
      'by-condition',
      'By condition',
      'Release where it hurts, engage before lifting.',
      common,
      said('Lift the pelvic floor a little as you breathe out, and let it go again; where it hurts, only let go.', { poses: FLOOR_OF_PELVIS }),
    ),
    p(
      'always-release',
      'Always release',
      'Most people hold too much.',
      common,
      said('Let the pelvic floor go as you breathe in; do not draw it up.', { poses: FLOOR_OF_PELVIS }),
    ),
    p(
      'always-engage',
      'Always engage',
      'Most people hold too little.',
      common,
      said('Lift the pelvic floor before you move; where it hurts, only let go.', { poses: FLOOR_OF_PELVIS }),
    ),
  ),
  'monthly-childs-pose': topic(
    'Child’s pose on bleeding days',
    'Knees wide or together?',
    'knees-wide',
    p(
      'knees-wide',
      'Knees wide',
      'Room for a tender belly.',
      common,
      said('Knees wide, room for the belly.', { poses: ['childs-pose', 'supported-childs-pose'], conditions: ['menstruation'] }),
    ),
    p(
      'knees-together-pressure',
      'Knees together',
      'Gentle pressure eases some.',
      common,
      said('Knees together if a little pressure eases the belly.', { poses: ['childs-pose', 'supported-childs-pose'], conditions: ['menstruation'] }),
    ),
    p(
      'own-choice',
      'Own choice',
      'She tries both.',
      common,
      said('Knees wide or together: try both.', { poses: ['childs-pose', 'supported-childs-pose'], conditions: ['menstruation'] }),
    ),
  ),
  'after-shoulder-stand': topic(
    'After shoulder stand',
    'What follows?',
    'twist-or-knees-in',
    p('rest-on-props', 'Rest on the props', 'The neck stays where it is and lets go.', common, {
      poses: ['shoulder-stand', 'plough'],
      says: 'Afterwards rest on the props, up to five minutes.',
    }),
    p('twist-or-knees-in', 'A small twist or knees in', 'The low back gets its answer.', common, {
      poses: ['shoulder-stand', 'plough'],
      says: 'Afterwards a small lying twist, or knees in with the feet wide.',
    }),
    p('back-bend', 'A back bend', 'The neck is taken the other way.', common, { poses: ['shoulder-stand', 'plough'], says: 'Afterwards a small back bend.' }),
  ),
  'chair-seat': topic(
    'How one sits on the chair',
    'Back against the rest, or forward of it?',
    'by-person',
    p('back-supported', 'Back supported', 'Nobody tires.', common, said('Sit right back and lean on the rest.', { poses: UPRIGHT_ON_CHAIR, level: 'chair' })),
    p(
      'forward-of-rest',
      'Forward of the rest',
      'The trunk does the work.',
      common,
      said('Sit forward of the rest, both feet down.', { poses: UPRIGHT_ON_CHAIR, level: 'chair' }),
    ),
    p('by-person', 'By person', 'Who tires leans.', common, said('Sit forward; lean back whenever you tire.', { poses: UPRIGHT_ON_CHAIR, level: 'chair' })),
  ),
  'in-a-hold': topic(
    'In a hold',
    'Still, or a little movement?',
    'own-choice',
    p('still', 'Still', 'Stillness lets one feel.', common, said('Once you are there, be still.', { poses: LONG_HOLDS })),
    p('small-movement', 'Small movement', 'Blood and breath keep moving.', common, said('Keep a little movement in it.', { poses: LONG_HOLDS })),
    p('own-choice', 'Own choice', 'Some need one, some the other.', common, said('Still, or with a little movement, as you like.', { poses: LONG_HOLDS })),
  ),
  'child-holds': topic(
    'Holds with children',
    'Counted, or as long as the game lasts?',
    'counted-short',
    p('counted-short', 'Counted and short', 'Ten, fifteen, twenty seconds by age.'),
    p('as-long-as-a-game', 'As long as a game', 'Attention is the limit.'),
  ),
  'who-may-start': topic(
    'Who may start',
    'Does a listed condition need a go-ahead first?',
    'ask-first-for-listed',
    p('ask-first-for-listed', 'Ask first for the listed', 'The doctor knows what the class does not.'),
    p('anyone-slowly', 'Anyone, slowly', 'Waiting for papers keeps people from moving. What must not practise still must not.'),
  ),
  eyes: topic(
    'The eyes',
    'Open or closed in rest?',
    'own-choice',
    p('own-choice', 'Own choice', 'Closed eyes frighten some.', common, { poses: ['final-rest'], says: 'Eyes open or closed, as you like.' }),
    p('closed', 'Closed', 'The senses turn inwards.', common, { poses: ['final-rest'], says: 'Let the eyes close.' }),
  ),
  'rest-side': topic(
    'Which side to rest on in pregnancy',
    'Left, or either?',
    'either',
    p(
      'either',
      'Either',
      'Right is as good as left.',
      published('cronin-2019', 'on going to sleep'),
      said('On either side, whichever is easier.', { level: 'side-lying', conditions: ['pregnancy', 'complicated-pregnancy'] }),
    ),
    p(
      'left',
      'Left',
      'Tradition, and helpful with reflux.',
      published('kaltenbach-2006', 'for reflux'),
      said('On the left side.', { level: 'side-lying', conditions: ['pregnancy', 'complicated-pregnancy'] }),
    ),
  ),
  'osteopenia-flexion': topic(
    'Rounding with osteopenia',
    'As with osteoporosis?',
    'no-forced-end-range',
    p('as-osteoporosis', 'As osteoporosis', 'Nobody has counted the fractures yet to come.', published('sinaki-1984')),
    p('no-forced-end-range', 'Only no forced end', 'Do not scare people off movement.', published('brooke-wavell-2022')),
  ),
  'disc-extension': topic(
    'Back bends with an acute disc',
    'Small back bends while it is acute?',
    'if-leg-pain-moves-up',
    p('none', 'None', 'Some are worse in extension.'),
    p('if-leg-pain-moves-up', 'If leg pain moves up', 'It helps those whose pain draws up towards the back.', published('long-2004')),
  ),
  'hip-precautions': topic(
    'Hip precautions after twelve weeks',
    'Are they kept?',
    'keep-the-combination',
    p('keep', 'Keep them', 'A dislocation is a bad day.'),
    p('keep-the-combination', 'Keep the combination', 'Deep bend together with crossing and turning in.', published('crompton-2020')),
    p('none-if-released', 'None once released', 'The surgeon has said so.', published('crompton-2020')),
  ),
  'sternal-arms': topic(
    'Arms after breastbone surgery',
    'How long without weight?',
    'twelve-weeks',
    p('twelve-weeks', 'Twelve weeks', 'As most leaflets say.'),
    p('close-to-the-body-by-comfort', 'Close to the body, by comfort', 'Comfort does as well as fixed bans.', published('cahalin-2011')),
  ),
  'kneeling-after-knee-replacement': topic(
    'Kneeling on a new knee',
    'May one kneel?',
    'padded-once-healed',
    p('no', 'No', 'It feels odd and people fear it.'),
    p('padded-once-healed', 'Padded, once healed', 'Uncomfortable, not harmful.', published('jenkins-2008')),
  ),
  'kneeling-fold-in-high-pressure': topic(
    'Kneeling fold with high pressure',
    'Child’s pose?',
    'forehead-raised',
    p('no', 'No', 'The eyes hang lower than they seem.'),
    p('forehead-raised', 'Forehead raised', 'On a block or bolster the head is level.'),
  ),
};
