import { rung, vary } from './author.js';
import { STAND } from './bases.js';
import type { Pose } from '../../src/poses/types.js';
import { CHAIR, CHAIR_LEGS, hatha, SEATED, SHINS_UPRIGHT, stretching, UP } from './common.js';

export const pronePoses: readonly Pose[] = [
  {
    id: 'cobra', family: 'prone', name: 'Cobra', sanskrit: 'Bhujaṅgāsana', aliases: ['bhujangasana', 'sphinx'],
    purposes: [{ action: 'open', region: 'chest', spine: 'extension' }, { action: 'strengthen', region: 'upper back' }], energy: 'lifting',
    hold: { unit: 'breaths', usual: 4, least: 1, most: 8 }, usual: 'cobra.full',
    meaning: 'A snake that raises its head: chest lifted from the floor.', parts: ['chest', 'upper back', 'low back'], place: ['work'], before: ['crocodile'], after: ['childs-pose'],
    guide: { setUp: 'Lie on the belly, legs a little apart, hands beside the ribs.', in: 'Slide the breastbone forward and up.', out: 'Stay, or lower.', look: 'Ahead on the floor, neck long.', feel: 'Between the shoulder blades and across the chest.', notHere: 'Not as a pinch in the low back.', comeOut: 'Lower chest, then forehead; turn the head to one side.' },
    mistakes: ['The arms push higher than the back lifts.', 'The head tips back.'],
    ladder: [
      {
        id: 'cobra.low', name: 'low, hands light', words: ['low', 'small', 'baby'], level: 'prone', breath: 'natural', props: [], support: 'none',
        frames: [{
          symmetric: true, posture: { pitch: 87, lumbar: -13, thorax: -12, neck: -6, hip: [-4, 5, 0], ankle: -55, shoulder: [-12, 16, 0], elbow: 115, forearm: 85, wrist: 60 },
          on: [['floor', 'pubis belly knee instep palm?']], at: [['palmMidR', 'chest', { off: [2, null, 19], weight: 0.6 }]], free: 'arms legs',
        }],
        view: [18, 13], declared: hatha(0, 1), cues: ['Hands beside the ribs, almost weightless.', 'Lengthen first, then lift the breastbone a little.'],
      },
      {
        id: 'cobra.forearms', name: 'on the forearms', words: ['forearms', 'on the forearms', 'sphinx'], level: 'prone', breath: 'natural', props: [], support: 'none',
        frames: [{
          symmetric: true, posture: { pitch: 85, lumbar: -22, thorax: -20, neck: -8, hip: [-5, 5, 0], ankle: -55, shoulder: [75, 4, 0], elbow: 85, forearm: 85 },
          on: [['floor', 'pubis knee instep elbow palm']], free: 'arms legs spine',
        }],
        view: [22, 14], declared: hatha(0, 1), cues: ['Elbows under the shoulders, forearms forward.', 'Draw the breastbone ahead, neck long.'],
      },
      {
        id: 'cobra.full', name: 'arms pressing', words: ['full'], level: 'prone', breath: 'natural', props: [], support: 'none',
        frames: [{
          symmetric: true, posture: { pitch: 78, lumbar: -26, thorax: -24, neck: -14, hip: [-8, 5, 0], ankle: -55, shoulder: [20, 6, 0], elbow: 80, forearm: 85, wrist: 60 },
          on: [['floor', 'knee instep palm pubis']], free: 'arms legs',
        }],
        view: [14, 12], declared: hatha(0, 2), cues: ['Hands under the shoulders, elbows close.', 'The back lifts; the hands only follow.'],
      },
    ],
  },
  {
    id: 'locust', family: 'prone', name: 'Locust', sanskrit: 'Śalabhāsana', aliases: ['salabhasana', 'superman', 'grasshopper'],
    purposes: [{ action: 'strengthen', region: 'low back', spine: 'extension' }, { action: 'strengthen', region: 'upper back' }], energy: 'lifting',
    hold: { unit: 'breaths', usual: 4, least: 1, most: 8 }, usual: 'locust.full',
    meaning: 'A grasshopper at rest: chest and legs lifted by the back.', parts: ['low back', 'upper back'], place: ['work'], before: ['cobra'], after: ['crocodile'],
    guide: { setUp: 'Lie on the belly, forehead down, arms beside you.', in: 'Lengthen, then lift.', out: 'Stay with the breath free.', look: 'To the floor.', feel: 'Along both sides of the spine and in the buttocks.', notHere: 'Not as a pinch in the low back or the neck.', comeOut: 'Lower everything slowly, head to one side.' },
    mistakes: ['The legs bend and fly up.', 'The breath is held.'],
    ladder: [
      {
        id: 'locust.chest-only', name: 'chest only, feet down', words: ['chest only', 'chest', 'low', 'half'], level: 'prone', breath: 'natural', props: [], support: 'none',
        frames: [{
          symmetric: true, posture: { pitch: 90, lumbar: -14, thorax: -14, neck: -6, hip: [-2, 5, 0], ankle: -55, shoulder: [-22, 12, 0], forearm: -40 },
          on: [['floor', 'pubis belly knee instep']], free: 'legs lumbar',
        }],
        view: [18, 14], declared: hatha(1, 1), cues: ['Feet stay heavy, the chest lifts a little.', 'Look down, back of the neck long.'],
      },
      {
        id: 'locust.full', name: 'chest and legs', words: ['full'], level: 'prone', breath: 'natural', props: [], support: 'none',
        frames: [{
          symmetric: true, posture: { pitch: 90, lumbar: -22, thorax: -24, neck: -12, hip: [-14, 5, 0], ankle: -50, shoulder: [-30, 14, 0], forearm: -40 },
          on: [['floor', 'pubis belly']], free: 'lumbar',
        }],
        view: [18, 14], declared: hatha(1, 2), cues: ['Lengthen the legs back, then lift chest and legs.', 'Keep breathing, neck long.'],
      },
    ],
  },
  {
    id: 'chest-lift', family: 'standing', name: 'Chest lift', aliases: ['gentle extension', 'lean back', 'standing back opener', 'chair chest lift', 'standing lean back', 'small back bend'],
    purposes: [{ action: 'strengthen', region: 'upper back', spine: 'extension' }, { action: 'open', region: 'chest' }], energy: 'lifting',
    hold: { unit: 'breaths', usual: 3, least: 1, most: 6 }, usual: 'chest-lift.standing',
    meaning: 'A small lift of the breastbone, upwards before back.', parts: ['upper back', 'chest'], place: ['warm-up', 'work'], before: ['mountain'], after: ['half-forward-fold'],
    guide: { setUp: 'Stand or sit tall, hands where they support you.', in: 'Lift the breastbone.', out: 'Back to the middle.', look: 'Straight ahead, chin in.', feel: 'Between the shoulder blades and across the collarbones.', notHere: 'Not in the low back, and the throat stays easy.', comeOut: 'Come back to tall and breathe once.' },
    mistakes: ['The pelvis is pushed forward.', 'The head drops back.'],
    ladder: [
      {
        id: 'chest-lift.chair', name: 'on a chair, hands on the seat', words: ['chair', 'seated'], level: 'chair', breath: 'natural', props: [CHAIR], support: 'hand',
        frames: [{
          symmetric: true, posture: { ...CHAIR_LEGS, pitch: 4, lumbar: -4, thorax: -7, neck: -6, shoulder: [-18, 14, 0], elbow: 22, forearm: 60, wrist: 30 }, on: SEATED,
          at: [['sitR', [-2, null, null]], ['palmMidR', [-8, 45, 23], { weight: 0.8 }]], aim: [SHINS_UPRIGHT[0]!], free: 'legs arms',
        }],
        view: [30, 12], declared: stretching(0, 1), cues: ['Hands on the seat beside you, press down.', 'Lift the breastbone; look ahead, not up.'],
      },
      {
        id: 'chest-lift.standing', name: 'standing, hands on the hips', words: ['standing', 'hands on the hips'], level: 'standing', breath: 'natural', props: [], support: 'none',
        frames: [{
          symmetric: true, posture: { pitch: -3, lumbar: -7, thorax: -7, neck: -7, hip: [-6, 6, 0], shoulder: [-38, 22, -20], elbow: 78, forearm: 60 },
          on: [['floor', 'sole']], at: [['palmMidR', 'buttockR', { gapCm: 5 }]], balance: 'heelR ballR heelL ballL', free: 'ankle hip arms',
        }],
        view: [22, 8], declared: hatha(0, 1), cues: ['Hands on the back of the hips, feet under you.', 'Lift up and a little back; the chin stays in.'],
      },
      rung('chest-lift.arms-crossed', 'standing, arms crossed', 'arms crossed|lean back', 'standing', hatha(0, 1), vary(STAND, { pitch: -3, lumbar: -8, thorax: -7, neck: 4, hip: [-5, 3, 0], shoulder: [44, -14, -50], elbow: 112 }, {
        face: [['pelvis', UP, [-0.05, 1, 0], 0.6]], free: 'ankle hip inversion', balance: 'heelR ballR heelL ballL', apart: 'forearmR-forearmL handR-torso handL-torso forearmR-torso forearmL-torso handR-handL',
      }), [24, 8], ['Arms crossed on the chest, hips stay over the feet.', 'Lean back a little from the ribs, chin in.']),
    ],
  },
];
