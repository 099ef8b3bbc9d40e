import type { Condition } from '../../src/rules/types.js';
import { ACUTE, ask, common, know, PHASE, phased, published, SETTLED, SIDE, SINCE } from './author.js';

export const lumbarDisc: Condition = {
  id: 'lumbar-disc', name: 'Lumbar disc', aliases: ['disc prolapse', 'disc protrusion', 'slipped disc', 'herniated disc', 'disc', 'disc episode', 'lumbar disc prolapse'],
  group: 'back', well: 'Neutral and extension that eases: prone rest, small chest lifts, opposite arm and leg, standing, hip hinge, walking.', warnings: ['saddle', 'both-legs', 'leg-weakness', 'night-pain'],
  say: 'Up towards the back is good, down the leg is stop.', refer: 'Weakness that grows, both legs, saddle numbness: emergency.',
  fields: [
    PHASE, SINCE, SIDE,
  ],
  stage: phased('Lumbar disc', (_, acute) => (acute ? [
    ask('Ask today: does the leg pain move up towards the back (go on) or down the leg (stop)?'),
    know('Numbness in the saddle area, bladder or bowel trouble, both legs, or growing weakness: emergency.'),
  ] : [])),
  rules: [
    { id: 'lumbar-disc.flexion', level: 'limit', when: [ACUTE], all: [{ measure: 'lumbarFlexion', over: 5 }],
      reason: 'In the acute phase the low back does not round, sitting included.', evidence: published('wilke-1999', 'sitting as such loads a disc no more than standing; what stays out is slumping; the number is common practice') },
    { id: 'lumbar-disc.rotation-low-back', level: 'limit', when: [ACUTE], all: [{ measure: 'lumbarTwist', over: 1 }],
      reason: 'In the acute phase the low back does not turn.', evidence: common },
    { id: 'lumbar-disc.rotation-chest', level: 'limit', when: [ACUTE], all: [{ measure: 'thoracicTwist', over: 5 }],
      reason: 'In the acute phase the trunk does not turn.', evidence: common },
    { id: 'lumbar-disc.rotation-settled', level: 'limit', when: [SETTLED], house: { topic: 'disc-rotation', positions: ['none'] }, all: [{ measure: 'lumbarTwist', over: 1 }],
      reason: 'Your view: no rotation for a disc, settled or not.', evidence: common },
    { id: 'lumbar-disc.rotation-small', level: 'limit', when: [SETTLED], house: { topic: 'disc-rotation', positions: ['slow-small-supported-once-settled'] }, all: [{ measure: 'lumbarTwistUse', over: 0.3 }],
      reason: 'Your view: once settled, rotation stays slow, small and supported.', evidence: common },
    { id: 'lumbar-disc.deep-flexion', level: 'limit', when: [SETTLED], all: [{ measure: 'lumbarFlexionUse', over: 0.6 }],
      reason: 'Once settled the low back still does not round deeply.', evidence: common },
    { id: 'lumbar-disc.side-bend', level: 'watch', when: [ACUTE], all: [{ measure: 'sideBendUse', over: 0.6 }], cue: 'Keep it small; stop if anything moves down the leg.', reason: 'In the acute phase side bends stay small.', evidence: common },
    { id: 'lumbar-disc.inverted', level: 'limit', when: [ACUTE], all: [{ measure: 'inverted', over: 0 }], reason: 'The way into a shoulder stand or plough rounds the low back under load.', evidence: common },
    { id: 'lumbar-disc.extension-none', level: 'limit', when: [ACUTE], house: { topic: 'disc-extension', positions: ['none'] }, all: [{ measure: 'lumbarExtensionUse', over: 0.3 }],
      reason: 'Your view: no back bends while the disc is acute.', evidence: common },
    { id: 'lumbar-disc.extension', level: 'watch', when: [ACUTE], house: { topic: 'disc-extension', positions: ['if-leg-pain-moves-up'] }, all: [{ measure: 'lumbarExtensionUse', over: 0.3 }],
      cue: 'Go on only if leg pain moves up towards the back; stop if it moves down the leg.',
      reason: 'Extension helps those whose leg pain draws up towards the back, and not the others.', evidence: published('long-2004') },
    { id: 'lumbar-disc.hamstrings', level: 'limit', when: [ACUTE], all: [{ measure: 'hipFlexionWithKneeStraight', over: 90 }, { levelNot: ['lying'] }],
      reason: 'A straight leg past its usual range pulls on the nerve and rounds the back.', evidence: common },
    { id: 'lumbar-disc.jumping', level: 'limit', all: [{ measure: 'jumping', over: 0 }], reason: 'No jumping on a sore disc.', evidence: common },
  ],
};
