import type { Pose } from '../../src/poses/types.js';
import { hatha, resting, strong, stretching, UP } from './common.js';

export const supinePoses: readonly Pose[] = [
  {
    id: 'bridge', name: 'Bridge', sanskrit: 'Setu Bandha Sarvāṅgāsana', aliases: ['setu bandhasana', 'setu bandha', 'bridge pose'],
    purposes: [{ action: 'open', region: 'front hip', spine: 'extension' }, { action: 'strengthen', region: 'low back' }], energy: 'neutral',
    hold: { unit: 'breaths', usual: 5, least: 1, most: 12 }, usual: 'bridge.full',
    ladder: [
      {
        id: 'bridge.block', name: 'resting on a block', words: ['block', 'supported'], level: 'lying', breath: 'natural', support: 'trunk',
        props: [{ kind: 'block', heightCm: 10, under: ['sacrum'], lies: 'across', where: 'under the sacrum' }],
        frames: [{
          symmetric: true, posture: { pitch: -103, lumbar: -4, neck: 24, hip: [30, 5, 0], knee: 85, shoulder: [12, 14, 0], forearm: 90 },
          on: [['floor', 'sole headBack palm?'], ['floor', 'shoulderJ'], [10, 'sacrum']], aim: [['kneeR', 'ankleR', [0, -1, null], 0.6]], free: 'legs arms neck thorax lumbar~4',
        }],
        view: [12, 12], declared: resting(0, 0), cues: ['Feet hip-wide, lift and slide the block under the sacrum.', 'Let the block carry you.'],
      },
      {
        id: 'bridge.full', name: 'full', words: ['full'], level: 'lying', breath: 'natural', props: [], support: 'none',
        frames: [{
          symmetric: true, posture: { pitch: -115, lumbar: -8, thorax: -2, neck: 45, hip: [-5, 5, 0], knee: 80, shoulder: [30, 10, 0], forearm: 90 },
          on: [['floor', 'sole shoulderJ headBack palm?']], at: [['hipJR', [null, 25, null], { weight: 0.6 }]], aim: [['kneeR', 'ankleR', [0, -1, null], 0.6]], free: 'legs arms neck thorax lumbar~8',
        }],
        view: [12, 12], declared: hatha(1, 2), cues: ['Feet hip-wide, press them down and lift.', 'The head stays centred; look up.'],
      },
    ],
  },
  {
    id: 'supine-twist', name: 'Supine twist', sanskrit: 'Supta Matsyendrāsana', aliases: ['lying twist', 'reclined twist', 'supta matsyendrasana'],
    purposes: [{ action: 'mobilise', region: 'low back', spine: 'twist' }, { action: 'settle', region: 'whole' }], energy: 'settling',
    hold: { unit: 'breaths', usual: 6, least: 2, most: 12 }, side: 'the side the knees go to', usual: 'supine-twist.knees-on-block',
    ladder: [
      {
        id: 'supine-twist.knees-on-block', name: 'knees on a block', words: ['block', 'knees together'], level: 'lying', breath: 'natural', support: 'none',
        props: [{ kind: 'block', heightCm: 15, under: ['kneeOutR'], where: 'under the lower knee' }],
        frames: [{
          posture: { pitch: -90, roll: 48, twist: -42, neckTwist: -40, hipR: [85, 12, 0], hipL: [85, -14, 0], knee: 95, shoulder: [5, 85, 40] },
          on: [['floor', 'upperBack headBack? trochanterR? handBack'], [15, 'kneeOutR']],
          face: [['C7', [1, 0, 0], UP, 0.6], ['C7', UP, [-1, 0, 0], 0.6]], free: 'twist hip.abduction hip.flexion~3 arms neck',
        }],
        view: [24, 46], declared: stretching(0, 0), cues: ['Arms level with the shoulders, heels near the hips.', 'Let the knees rest on the block; both shoulders stay down.', 'Turn the head away from the knees.'],
      },
    ],
  },
  {
    id: 'legs-up-the-wall', name: 'Legs up the wall', sanskrit: 'Viparīta Karaṇī', aliases: ['viparita karani', 'legs up wall', 'waterfall'],
    purposes: [{ action: 'settle', region: 'whole' }, { action: 'invert', region: 'whole' }], energy: 'settling',
    hold: { unit: 'breaths', usual: 20, least: 5, most: 60 }, usual: 'legs-up-the-wall.full',
    ladder: [
      {
        id: 'legs-up-the-wall.calves-on-chair', name: 'calves on a chair', words: ['chair', 'calves'], level: 'lying', breath: 'natural', support: 'trunk',
        props: [{ kind: 'chair', x: 27, faces: -1, where: 'under the calves' }],
        frames: [{
          symmetric: true, posture: { pitch: -90, hip: [88, 5, 0], knee: 88, shoulder: [0, 40, 30] },
          on: [['floor', 'sacrum midBack headBack handBack'], ['seat', 'calf']], at: [['kneeR', [3, null, null], { weight: 0.5 }]], free: 'legs arms neck',
        }],
        view: [14, 14], declared: resting(0, 0), cues: ['Lie down close to the chair and lay the calves on the seat.', 'Let the seat carry the legs.'],
      },
      {
        id: 'legs-up-the-wall.full', name: 'legs on the wall', words: ['wall', 'full'], level: 'lying', breath: 'natural', support: 'trunk',
        props: [{ kind: 'wall', x: 20, where: 'behind the legs' }],
        frames: [{
          symmetric: true, posture: { pitch: -90, hip: [88, 3, 0], shoulder: [0, 40, 30] },
          on: [['floor', 'sacrum midBack headBack handBack'], ['wall', 'heelBack']], at: [['buttockR', [15, null, null]]], free: 'hip arms neck',
        }],
        view: [-30, 14], declared: resting(0, 0), cues: ['Sit sideways to the wall, roll back, legs up.', 'Come out by rolling to the side.'],
      },
    ],
  },
  {
    id: 'reclined-butterfly', name: 'Reclined butterfly', sanskrit: 'Supta Baddha Koṇāsana', aliases: ['supta baddha konasana', 'soles together lying', 'reclined bound angle'],
    purposes: [{ action: 'open', region: 'inner thigh' }, { action: 'settle', region: 'whole' }], energy: 'settling',
    hold: { unit: 'breaths', usual: 10, least: 3, most: 40 }, usual: 'reclined-butterfly.blocks',
    ladder: [
      {
        id: 'reclined-butterfly.blocks', name: 'blocks under the thighs', words: ['blocks'], level: 'lying', breath: 'natural', support: 'trunk',
        props: [
          { kind: 'block', heightCm: 15, under: ['thighMidR'], lies: 'across', where: 'under the right thigh' },
          { kind: 'block', heightCm: 15, under: ['thighMidL'], lies: 'across', where: 'under the left thigh' },
        ],
        frames: [{
          symmetric: true, posture: { pitch: -90, hip: [35, 45, 50], knee: 105, ankle: -10, shoulder: [-5, 38, 30] },
          on: [['floor', 'midBack sacrum headBack footOut handBack'], [15, 'thighMid']],
          at: [['soleMidR', [null, null, 1.2]], ['ballR', [null, null, 1.2]], ['heelR', [null, null, 1.2]]], free: 'legs arms neck',
        }],
        view: [58, 32], declared: resting(0, 0), cues: ['Soles together, knees onto the blocks.', 'Hands wherever they are comfortable.'],
      },
    ],
  },
  {
    id: 'shoulder-stand', name: 'Shoulder stand', sanskrit: 'Sālamba Sarvāṅgāsana', aliases: ['sarvangasana', 'shoulderstand', 'salamba sarvangasana', 'candle'],
    purposes: [{ action: 'invert', region: 'whole' }, { action: 'open', region: 'neck', spine: 'flexion' }], energy: 'neutral',
    hold: { unit: 'breaths', usual: 10, least: 3, most: 30 }, usual: 'shoulder-stand.blankets',
    ladder: [
      {
        id: 'shoulder-stand.blankets', name: 'shoulders on folded blankets', words: ['blankets', 'supported'], level: 'inverted', breath: 'natural', support: 'hand',
        props: [{ kind: 'blanket', count: 5, heightCm: 12.5, under: ['neckBack', 'elbowR', 'elbowL'], edge: 'neckBack', where: 'under the shoulders, edges stepped, two to three fingers inside' }],
        frames: [{
          symmetric: true, posture: { pitch: -172, lumbar: 4, thorax: 14, neck: 55, hip: [2, 1, 0], shoulder: [-50, 14, 0], elbow: 118, forearm: 20 },
          on: [[12.5, 'neckBack shoulderJ elbow'], ['floor', 'headBack']], at: [['palmMidR', 'lowBack', { off: [2, 0, 6], weight: 0.7 }]],
          face: [['pelvis', UP, [0.04, -1, 0]]], aim: [['hipJR', 'ankleR', UP]], free: 'arms hip neck',
        }],
        view: [18, 10], declared: strong(1, 2), cues: ['Shoulders on the blankets, head on the floor, eyes up.', 'Never turn to look. Can you swallow and speak with ease?'],
      },
    ],
  },
  {
    id: 'plough', name: 'Plough', sanskrit: 'Halāsana', aliases: ['halasana', 'plow'],
    purposes: [{ action: 'invert', region: 'whole' }, { action: 'open', region: 'low back', spine: 'flexion' }], energy: 'settling',
    hold: { unit: 'breaths', usual: 8, least: 2, most: 15 }, usual: 'plough.feet-on-chair',
    ladder: [
      {
        id: 'plough.feet-on-chair', name: 'feet on a chair', words: ['chair', 'feet on a chair'], level: 'inverted', breath: 'natural', support: 'hand',
        props: [{ kind: 'chair', x: -100, where: 'behind the head, under the toes' },
          { kind: 'blanket', count: 5, heightCm: 12.5, under: ['neckBack', 'elbowR', 'elbowL'], edge: 'neckBack', where: 'under the shoulders' }],
        frames: [{
          symmetric: true, posture: { pitch: -195, lumbar: 20, thorax: 15, neck: 55, hip: [95, 2, 0], ankle: 15, shoulder: [-50, 14, 0], elbow: 115, forearm: 20 },
          on: [[12.5, 'neckBack shoulderJ elbow'], ['floor', 'headBack'], ['seat', 'ball']],
          at: [['palmMidR', 'lowBack', { off: [2, 1, 6], weight: 0.7 }], ['ballR', [-95, null, null]]], free: 'arms hip ankle spine neck',
        }],
        view: [14, 12], declared: hatha(1, 1), cues: ['Toes on the seat, thighs lifted.', 'Eyes up, head centred, breath easy.'],
      },
    ],
  },
];
