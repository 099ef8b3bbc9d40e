import { blankets, block, bothAim, bothAt, rung } from './author.js';
import { HANDS_ON_BELLY } from './bases.js';
import type { Pose } from '../../src/poses/types.js';
import { hatha, resting, strong, stretching, UP } from './common.js';

export const supinePoses: readonly Pose[] = [
  {
    id: 'bridge', family: 'supine', name: 'Bridge', sanskrit: 'Setu Bandha Sarvāṅgāsana', aliases: ['setu bandhasana', 'setu bandha', 'bridge pose'],
    purposes: [{ action: 'open', region: 'front hip', spine: 'extension' }, { action: 'strengthen', region: 'low back' }], energy: 'neutral',
    hold: { unit: 'breaths', usual: 5, least: 1, most: 12 }, usual: 'bridge.full',
    meaning: 'A bridge from shoulders to feet.', parts: ['front hip', 'low back', 'chest'], place: ['work'], before: ['pelvic-tilt'], after: ['knees-to-chest'],
    guide: { setUp: 'Lie down, feet hip-wide and close enough to touch the heels.', in: 'Press the feet down and lift the pelvis.', out: 'Stay, or roll down bone by bone.', look: 'Straight up; the head does not turn.', feel: 'In the buttocks and the front of the hips.', notHere: 'Not in the neck, the low back or the knees.', comeOut: 'Lower slowly and rest with the knees together.' },
    mistakes: ['The head turns to look.', 'The knees fall outwards.'],
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
      rung('bridge.feet-away', 'low, feet a step further away', 'feet away|feet further away|low', 'lying', hatha(1, 1), {
        symmetric: true, posture: { pitch: -110, lumbar: -4, thorax: -2, neck: 38, hip: [-2, 5, 0], knee: 60, shoulder: [24, 10, 0], forearm: 90 },
        on: [['floor', 'sole shoulderJ headBack palm?']], at: bothAt(['hipJR', [null, 21, null], { weight: 0.6 }]), aim: [['kneeR', 'ankleR', [0.5, -0.86, null], 0.6], ['kneeL', 'ankleL', [0.5, -0.86, null], 0.6]], free: 'legs arms neck thorax lumbar~5',
      }, [12, 12], ['Feet a step further from you, lift a little.', 'Press the whole soles down; the knees stay easy.']),
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
    id: 'supine-twist', family: 'supine', name: 'Supine twist', sanskrit: 'Supta Matsyendrāsana', aliases: ['lying twist', 'reclined twist', 'supta matsyendrasana'],
    purposes: [{ action: 'mobilise', region: 'low back', spine: 'twist' }, { action: 'settle', region: 'whole' }], energy: 'settling',
    hold: { unit: 'breaths', usual: 6, least: 2, most: 12 }, side: 'the side the knees go to', usual: 'supine-twist.knees-on-block',
    meaning: 'Lying down, knees to one side, chest to the ceiling.', parts: ['low back', 'chest', 'outer hip'], place: ['closing', 'work'], before: ['knees-to-chest'], after: ['final-rest'],
    guide: { setUp: 'On the back, arms level with the shoulders.', out: 'Let the knees sink to their support.', look: 'Away from the knees, if the neck likes it.', feel: 'Across the chest and the outer hip.', notHere: 'Not as a pull in the low back; the far shoulder stays down.', comeOut: 'Bring one knee up after the other.' },
    mistakes: ['The knees are forced down and the shoulder lifts.', 'Only one side is done.'],
    ladder: [
      {
        id: 'supine-twist.knees-on-block', name: 'knees on a block', words: ['block', 'knees together'], level: 'lying', breath: 'natural', support: 'none',
        props: [{ kind: 'block', heightCm: 15, under: ['kneeOutR'], where: 'under the lower knee' }],
        frames: [{
          posture: { pitch: -90, roll: 48, twist: -42, neckTwist: -40, hipR: [85, 12, 0], hipL: [85, -14, 0], knee: 95, shoulder: [5, 85, 40] },
          on: [['floor', 'upperBack headBack? trochanterR? handBack'], [15, 'kneeOutR']],
          face: [['C7', [1, 0, 0], UP, 0.6], ['C7', UP, [-1, 0, 0], 0.6]], free: 'twist hip.abduction hip.flexion~3 arms blade neck',
        }],
        view: [24, 46], declared: stretching(0, 0), cues: ['Arms level with the shoulders, heels near the hips.', 'Let the knees rest on the block; both shoulders stay down.', 'Turn the head away from the knees.'],
      },
      {
        id: 'supine-twist.feet-wide', name: 'feet hip-wide, knees on a block', words: ['feet wide', 'feet hip wide', 'wide'], level: 'lying', breath: 'natural', support: 'none',
        props: [{ kind: 'block', heightCm: 10, under: ['kneeOutR'], where: 'under the lower knee' }],
        frames: [{
          posture: { pitch: -90, roll: 34, twist: -30, neckTwist: -30, hipR: [66, 26, 15], hipL: [66, -18, -15], knee: 98, shoulder: [5, 85, 40] },
          on: [['floor', 'upperBack headBack? trochanterR? footOutR handBack'], [10, 'kneeOutR']], at: [['ankleL', 'ankleR', { gapCm: 26, weight: 0.4 }]],
          face: [['C7', [1, 0, 0], UP, 0.6], ['C7', UP, [-1, 0, 0], 0.6]], free: 'twist hip knee~3 arms blade neck',
        }],
        view: [24, 46], declared: stretching(0, 0), cues: ['Feet as wide as the hips, let both knees sink.', 'Both shoulders stay down.'],
      },
    ],
  },
  {
    id: 'legs-up-the-wall', family: 'supine', name: 'Legs up the wall', sanskrit: 'Viparīta Karaṇī', aliases: ['viparita karani', 'legs up wall', 'waterfall'],
    purposes: [{ action: 'settle', region: 'whole' }, { action: 'invert', region: 'whole' }], energy: 'settling',
    hold: { unit: 'breaths', usual: 20, least: 5, most: 60 }, usual: 'legs-up-the-wall.full',
    meaning: 'The upside-down doing: legs at rest on wall or chair.', parts: ['whole', 'hamstrings'], place: ['closing', 'rest'], before: ['knees-to-chest'], after: ['final-rest'],
    guide: { setUp: 'Sit sideways to the wall and roll the legs up.', look: 'Eyes closed or to the ceiling.', feel: 'As ease in legs and low back.', notHere: 'Not as pressure in the head or numb feet.', comeOut: 'Bend the knees, roll to one side and wait before sitting up.' },
    mistakes: ['The seat is so close that the back rounds off the floor.', 'She jumps up afterwards.'],
    ladder: [
      {
        id: 'legs-up-the-wall.hands-on-belly', name: 'legs on the wall, hands on the belly', words: ['hands on the belly', 'arms close'], level: 'lying', entry: 'sitting', exit: 'side-lying', wayIn: 'way-down-over-side', wayOut: 'way-log-roll', breath: 'natural', support: 'trunk',
        props: [{ kind: 'wall', x: 20, where: 'behind the legs' }],
        frames: [{
          symmetric: true, posture: { pitch: -90, hip: [88, 3, 0], ...HANDS_ON_BELLY.arms },
          on: [['floor', 'sacrum midBack headBack elbow?'], ['wall', 'heelBack']], at: [['buttockR', [15, null, null]], ...HANDS_ON_BELLY.at], ...HANDS_ON_BELLY.held,
        }],
        view: [-30, 14], declared: resting(0, 0), cues: ['Sit sideways to the wall, roll back, legs up; hands on the belly.', 'Come out by rolling to the side.'],
      },
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
        id: 'legs-up-the-wall.full', name: 'legs on the wall', words: ['wall', 'full'], level: 'lying', entry: 'sitting', exit: 'side-lying', wayIn: 'way-down-over-side', wayOut: 'way-log-roll', breath: 'natural', support: 'trunk',
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
    id: 'reclined-butterfly', family: 'supine', name: 'Reclined butterfly', sanskrit: 'Supta Baddha Koṇāsana', aliases: ['supta baddha konasana', 'soles together lying', 'reclined bound angle'],
    purposes: [{ action: 'open', region: 'inner thigh' }, { action: 'settle', region: 'whole' }], energy: 'settling',
    hold: { unit: 'breaths', usual: 10, least: 3, most: 40 }, usual: 'reclined-butterfly.blocks',
    meaning: 'Lying down with the soles together, knees held.', parts: ['inner thigh', 'pelvic floor'], place: ['closing', 'rest'], before: ['butterfly'], after: ['knees-to-chest'],
    guide: { setUp: 'Lie down, soles together, knees onto their supports.', look: 'Eyes closed.', feel: 'Softly in the inner thighs.', notHere: 'Not in the knees or as a hollow in the low back.', comeOut: 'Close the knees with the hands from outside and roll to one side.' },
    mistakes: ['The knees hang without support.', 'The chin pokes up because the head lies too low.'],
    ladder: [
      rung('reclined-butterfly.bolster', 'along a bolster, hands on the belly', 'bolster|supported|hands on the belly', 'lying', resting(0, 0), {
        symmetric: true, posture: { pitch: -70, lumbar: -4, neck: 6, hip: [40, 44, 50], knee: 112, ankle: -10, shoulder: [10, 18, -40], elbow: 70, forearm: 40 }, on: [['floor', 'buttock footOut'], [16, 'midBack'], [20, 'headBack'], [15, 'thighMid']],
        at: bothAt(['soleMidR', [null, null, 1.2]], ['heelR', [null, null, 1.2]], ['palmMidR', 'belly', { gapCm: 8, weight: 0.5 }]), free: 'legs neck spine arms', apart: 'handR-torso handL-torso forearmR-torso forearmL-torso handR-handL footR-footL',
      }, [54, 24], ['Bolster along the spine, blocks under the thighs.', 'Hands on the belly.'], { props: [{ kind: 'bolster', heightCm: 16, lengthCm: 66, along: [1, 0, 0], under: ['midBack'], where: 'along the spine' }, block(15, 'thighMidR', 'under the right thigh', 'across'), block(15, 'thighMidL', 'under the left thigh', 'across')], support: 'trunk' }),
      rung('reclined-butterfly.propped', 'leaning back, half sitting', 'propped|half sitting|reclined', 'sitting', resting(0, 0), {
        symmetric: true, posture: { pitch: -52, lumbar: 6, neck: 4, hip: [58, 44, 50], knee: 112, ankle: -10, shoulder: [10, 18, -40], elbow: 70, forearm: 40 }, on: [['floor', 'buttock footOut'], [25.5, 'midBack'], [44.5, 'headBack'], [15, 'thighMid']],
        at: bothAt(['soleMidR', [null, null, 1.2]], ['heelR', [null, null, 1.2]], ['palmMidR', 'belly', { gapCm: 8, weight: 0.5 }]), free: 'legs neck spine arms', apart: 'handR-torso handL-torso forearmR-torso forearmL-torso handR-handL footR-footL',
      }, [24, 18], ['Sit against the bolster and lean back, a third of the way up.', 'Soles together, blocks under the thighs.'], { props: [{ kind: 'bolster', heightCm: 18, baseCm: 3, lengthCm: 66, along: [-0.79, 0.61, 0], under: ['midBack'], where: 'under the back, its far end on a block' }, block(15, 'thighMidR', 'under the right thigh', 'across'), block(15, 'thighMidL', 'under the left thigh', 'across')], support: 'trunk' }),
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
    id: 'shoulder-stand', family: 'inverted', name: 'Shoulder stand', sanskrit: 'Sālamba Sarvāṅgāsana', aliases: ['sarvangasana', 'shoulderstand', 'salamba sarvangasana', 'candle'],
    purposes: [{ action: 'invert', region: 'whole' }, { action: 'settle', region: 'whole' }, { action: 'open', region: 'neck', spine: 'flexion' }], energy: 'neutral',
    hold: { unit: 'breaths', usual: 10, least: 3, most: 30 }, usual: 'shoulder-stand.blankets',
    meaning: 'Supported pose of all limbs: standing on the shoulders.', parts: ['whole', 'neck'], place: ['work'], before: ['bridge'], after: ['plough'],
    guide: { setUp: 'Blankets with stepped edges, shoulders two to three fingers inside, head on the floor.', look: 'Up to the toes; never turn the head.', feel: 'In the upper back and arms.', notHere: 'Not in the neck, the throat, the teeth or the eyes.', comeOut: 'Through plough with bent knees, roll down slowly, then the small twist or knees in.' },
    mistakes: ['She turns to look at someone.', 'She throws the legs up.', 'The blankets are too low and the neck is flat.'],
    ladder: [
      rung('shoulder-stand.wall', 'feet on the wall, pelvis lifted', 'wall|feet on the wall|half', 'inverted', hatha(1, 2), {
        symmetric: true, posture: { pitch: -140, lumbar: 4, thorax: 10, neck: 46, hip: [58, 2, 0], knee: 42, shoulder: [-30, 12, 0], elbow: 110, forearm: 20 }, on: [[12.5, 'neckBack shoulderJ elbow'], ['floor', 'headBack'], ['wall', 'sole']],
        at: bothAt(['palmMidR', 'lowBack', { off: [2, 0, 6], weight: 0.5 }], ['ankleR', [null, 84, 9], { weight: 0.4 }]), face: [['pelvis', UP, [-0.4, -0.9, 0], 0.6]], free: 'arms legs neck spine~4',
      }, [24, 10], ['Shoulders on the blankets, feet on the wall, lift the pelvis.', 'Hands hold the back; eyes up.'], { props: [{ kind: 'wall', x: 52, where: 'under the feet' }, blankets(5, 'neckBack elbowR elbowL', 'under the shoulders, edges stepped', { edge: 'neckBack' })], support: 'hand', entry: 'lying', exit: 'lying', wayIn: 'way-roll-to-shoulders', wayOut: 'way-roll-to-shoulders' }),
      {
        id: 'shoulder-stand.blankets', name: 'shoulders on folded blankets', words: ['blankets', 'supported'], level: 'inverted', entry: 'lying', exit: 'lying', wayIn: 'way-roll-to-shoulders', wayOut: 'way-roll-to-shoulders', breath: 'natural', support: 'hand',
        props: [{ kind: 'blanket', count: 5, heightCm: 12.5, under: ['neckBack', 'elbowR', 'elbowL'], edge: 'neckBack', where: 'under the shoulders, edges stepped, two to three fingers inside' }],
        frames: [{
          symmetric: true, posture: { pitch: -172, lumbar: 4, thorax: 14, neck: 55, hip: [2, 1, 0], shoulder: [-50, 14, 0], elbow: 118, forearm: 20 },
          on: [[12.5, 'neckBack shoulderJ elbow'], ['floor', 'headBack']], at: [['palmMidR', 'lowBack', { off: [2, 0, 6], weight: 0.7 }]],
          // Hips over the elbows: a supported shoulder stand leans a little.
          face: [['pelvis', UP, [-0.15, -0.99, 0]]], aim: [['hipJR', 'ankleR', [0.1, 1, 0]]], free: 'arms hip neck',
        }],
        view: [18, 10], declared: strong(1, 2), cues: ['Shoulders on the blankets, head on the floor, eyes up.', 'Never turn to look. Can you swallow and speak with ease?'],
      },
      rung('shoulder-stand.unsupported', 'arms along the legs', 'unsupported|no hands', 'inverted', strong(2, 3), {
        symmetric: true, posture: { pitch: -150, lumbar: 12, thorax: 22, neck: 58, hip: [30, 1, 0], shoulder: [4, 6, 0], forearm: 0 }, on: [['floor', 'headBack neckBack shoulderJ?']],
        aim: bothAim(['hipJR', 'ankleR', [-0.3, 0.95, 0], 0.8]), balance: 'shoulderJR shoulderJL neckBack', free: 'hip neck spine blade',
      }, [18, 10], ['Arms along the legs, eyes up.', 'Five breaths at most.'], { entry: 'lying', exit: 'lying', wayIn: 'way-roll-to-shoulders', wayOut: 'way-roll-to-shoulders' }),
    ],
  },
  {
    id: 'plough', family: 'inverted', name: 'Plough', sanskrit: 'Halāsana', aliases: ['halasana', 'plow'],
    purposes: [{ action: 'invert', region: 'whole' }, { action: 'open', region: 'low back', spine: 'flexion' }], energy: 'settling',
    hold: { unit: 'breaths', usual: 8, least: 2, most: 15 }, usual: 'plough.feet-on-chair',
    meaning: 'A plough: legs over the head, feet on something.', parts: ['low back', 'neck'], place: ['work', 'closing'], before: ['shoulder-stand'], after: ['knees-to-chest'],
    guide: { setUp: 'From shoulder stand lower the feet to their support.', look: 'Up to the thighs.', feel: 'Along the back and behind the legs.', notHere: 'Not in the neck; no pressure in the head.', comeOut: 'Bend the knees and roll down with the hands behind the back.' },
    mistakes: ['The toes reach for the floor and the back is pulled.', 'The chin is pressed to the chest.'],
    ladder: [
      {
        id: 'plough.feet-on-chair', name: 'feet on a chair', words: ['chair', 'feet on a chair'], level: 'inverted', entry: 'lying', exit: 'lying', wayIn: 'way-roll-to-shoulders', wayOut: 'way-roll-to-shoulders', breath: 'natural', support: 'hand',
        props: [{ kind: 'chair', x: -100, where: 'behind the head, under the toes' },
          { kind: 'blanket', count: 5, heightCm: 12.5, under: ['neckBack', 'elbowR', 'elbowL'], edge: 'neckBack', where: 'under the shoulders' }],
        frames: [{
          symmetric: true, posture: { pitch: -195, lumbar: 20, thorax: 15, neck: 55, hip: [95, 2, 0], ankle: 15, shoulder: [-50, 14, 0], elbow: 115, forearm: 20 },
          on: [[12.5, 'neckBack shoulderJ elbow'], ['floor', 'headBack'], ['seat', 'ball']],
          at: [['palmMidR', 'lowBack', { off: [2, 1, 6], weight: 0.7 }], ['ballR', [-95, null, null]]], free: 'arms hip ankle spine neck',
        }],
        view: [14, 12], declared: hatha(1, 1), cues: ['Toes on the seat, thighs lifted.', 'Eyes up, head centred, breath easy.'],
      },
      rung('plough.arms-overhead', 'toes lifted, arms overhead', 'arms overhead|full|floor', 'inverted', hatha(1, 1), {
        symmetric: true, posture: { pitch: -186, lumbar: 34, thorax: 22, neck: 58, hip: [108, 2, 0], ankle: 15, shoulder: [150, 20, 0], forearm: 0 }, on: [['floor', 'headBack neckBack shoulderJ handBack?'], [10, 'ball']],
        balance: 'neckBack shoulderJR shoulderJL', free: 'arms hip ankle spine neck',
      }, [10, 12], ['Toes on a low support, arms overhead on the floor.', 'Eyes up, head centred.'], { props: [block(10, 'ballR ballL', 'under the toes')], entry: 'lying', exit: 'lying', wayIn: 'way-roll-to-shoulders', wayOut: 'way-roll-to-shoulders' }),
    ],
  },
];
