/**
 * What a thoughtful teacher would give instead, case by case: the first three ways the engine names must all be among those
 * she would accept; `must` is among the three whatever else is. Poses by id, single ways by `pose.way`.
 * Common practice throughout, no published source, except where a line says otherwise.
 */
export interface RankedCase { asked: string; who: string; accept: string; must?: string; because: string }

const weeks = (n: number) => ({ conditions: [{ condition: 'pregnancy', dueDate: new Date(Date.UTC(2026, 11, 1) + (280 - 7 * n) * 86_400_000).toISOString().slice(0, 10) }] });

export const RANKED_PEOPLE: Readonly<Record<string, Record<string, unknown>>> = {
  'week 16': weeks(16), 'week 22': weeks(22), 'week 30': weeks(30), 'week 37': weeks(37),
  'pressure uncontrolled': { conditions: [{ condition: 'high-blood-pressure', control: 'uncontrolled' }] }, glaucoma: { conditions: ['glaucoma'] },
  'disc acute': { conditions: [{ condition: 'lumbar-disc', phase: 'acute' }] }, 'disc settled': { conditions: [{ condition: 'lumbar-disc', phase: 'settled' }] }, 'low bone density': { conditions: ['low-bone-density'] }, stenosis: { conditions: ['spinal stenosis'] },
  wheelchair: { conditions: ['wheelchair'] }, 'chair user': { conditions: ['chair user'], can: { floor: false } }, 'after a fall': { born: '1949-01-01', screening: { fallsLastYear: 1 } }, 'no floor': { can: { floor: false } }, 'no kneeling': { can: { kneel: false } },
  'arms to 120': { ranges: { shoulderFlexionRight: 120, shoulderFlexionLeft: 120 } }, 'carpal tunnel': { conditions: ['carpal tunnel'] }, 'frozen shoulder': { conditions: ['frozen shoulder'] }, 'knee arthritis': { conditions: ['knee arthritis'] }, 'new hip': { conditions: ['hip replacement'] },
  'neck disc': { conditions: ['neck disc'] }, reflux: { conditions: ['reflux'] }, hernia: { conditions: ['hernia'] }, 'child of 7': { born: '2019-06-01', heightCm: 118 }, sciatica: { conditions: ['sciatica'] }, vertigo: { conditions: ['vertigo'] },
  'breastbone five weeks': { conditions: [{ condition: 'sternotomy', operatedOn: '2026-10-27', cleared: true }] }, 'three weeks after birth': { conditions: [{ condition: 'after-birth', gaveBirth: '2026-11-10' }] }, 'pelvic girdle pain': { conditions: ['pelvic girdle pain'] },
};

const UP = 'legs-up-the-wall seated-forward-fold head-to-knee knees-to-chest easy-seat childs-pose half-lotus-fold half-hero-fold';
const c = (asked: string, who: string, accept: string, because: string, must?: string): RankedCase => ({ asked, who, accept, because, ...(must ? { must } : {}) });

export const RANKED: readonly RankedCase[] = [
  c('Locust', 'week 22', 'opposite-arm-and-leg chest-lift fish.bolster bridge shoulder-blade-squeeze', 'the back worked, not on the belly', 'opposite-arm-and-leg chest-lift'),
  c('Cobra', 'week 22', 'shoulder-blade-squeeze chest-lift fish.bolster puppy bridge opposite-arm-and-leg', 'the chest opened, not on the belly', 'chest-lift'),
  c('Bow', 'week 22', 'fish puppy chest-lift low-lunge bridge', 'front body opened by little'),
  c('Plank', 'week 30', 'plank.knees plank.wall forearm-plank.knees', 'house view: knees down', 'plank.knees'),
  c('Plough', 'week 16', UP, 'no full inversion; the settling and the fold', 'legs-up-the-wall'),
  c('Shoulder stand', 'week 22', UP, 'no full inversion', 'legs-up-the-wall'),
  c('Downward-facing dog', 'week 37', 'downward-facing-dog dolphin.knees staff seated-forward-fold puppy', 'chair or wall late', 'downward-facing-dog.chair-back downward-facing-dog.wall'),
  c('Supine twist', 'week 30', 'windscreen-wipers open-book seated-circles seated-twist seated-twist.chair-small', 'not flat for long, open and small'),
  c('Boat', 'week 22', 'boat knee-lift-into-hand shins-level plank.knees forearm-plank.knees', 'abdominal load under 2'),
  c('Crocodile', 'week 22', 'constructive-rest side-rest supine-leg-stretch knees-to-chest couch-rest final-rest supine-figure-four', 'rest for the back, not on the belly'),
  c('Plough', 'pressure uncontrolled', UP, 'a sequence for pressure that ends head-down is what goes wrong', 'legs-up-the-wall'),
  c('Shoulder stand', 'pressure uncontrolled', UP, 'no inversion', 'legs-up-the-wall'),
  c('Standing forward fold', 'pressure uncontrolled', 'standing-forward-fold.blocks half-forward-fold chair-fold seated-forward-fold wide-legged-fold.chair hamstring-on-support', 'the head level with the heart', 'standing-forward-fold.blocks'),
  c('Downward-facing dog', 'glaucoma', 'downward-facing-dog.chair-back downward-facing-dog.wall staff half-forward-fold seated-forward-fold', 'Jasien 2015: four head-down poses', 'downward-facing-dog.chair-back'),
  c('Wide-legged fold', 'glaucoma', 'wide-legged-fold.chair hamstring-on-support half-forward-fold downward-facing-dog.wall downward-facing-dog.chair-back', 'eyes level', 'wide-legged-fold.chair'),
  c('Headstand', 'glaucoma', 'legs-up-the-wall reverse-table four-limbed-staff plank', 'never head-down; the shoulders worked', 'legs-up-the-wall'),
  c('Seated forward fold', 'disc acute', 'supine-leg-stretch knees-to-chest.one seated-straddle.upright staff', 'hamstrings without rounding', 'supine-leg-stretch'),
  c('Standing forward fold', 'disc acute', 'hamstring-on-support downward-facing-dog half-forward-fold pyramid supine-leg-stretch', 'a hinge, never a round'),
  c('Child’s pose', 'disc acute', 'easy-seat legs-up-the-wall hero crocodile constructive-rest', 'sitting back on the heels is hidden flexion'),
  c('Knees to chest', 'disc acute', 'knees-to-chest.one knees-to-chest.one-chair constructive-rest crocodile', 'one knee with a flat back', 'knees-to-chest.one'),
  c('Boat', 'disc acute', 'boat.chair knee-lift-into-hand plank forearm-plank', 'the belly worked with a straight back'),
  c('Supine twist', 'disc settled', 'open-book seated-circles legs-up-the-wall pelvic-clock pelvic-tilt', 'house view none: the low back does not turn'),
  c('Seated twist', 'disc acute', 'open-book.half side-bend shoulder-blade-squeeze', 'no turn of the low back'),
  c('Plough', 'low bone density', 'legs-up-the-wall seated-forward-fold knees-to-chest', 'no weight on the neck', 'legs-up-the-wall'),
  c('Curl', 'low bone density', 'knee-lift-into-hand boat.toes-down shins-level plank forearm-plank', 'Sinaki and Mikkelsen 1984: no loaded flexion', 'knee-lift-into-hand'),
  c('Cat and cow', 'low bone density', 'cat-cow', 'half of the wave', 'cat-cow.flat-to-hollow'),
  c('Cobra', 'stenosis', 'shoulder-blade-squeeze fish.bolster puppy', 'the chest opens, the low back does not'),
  c('Locust', 'stenosis', 'opposite-arm-and-leg fish.bolster staff', 'no prone back bends', 'opposite-arm-and-leg'),
  c('Camel', 'stenosis', 'fish.bolster puppy.chair tall-kneel hero', 'front of the hips without extension'),
  c('Downward-facing dog', 'wheelchair', 'chair-leg-stretch figure-four cow-face-arms chair-fold', 'legs and shoulders, seated', 'chair-leg-stretch'),
  c('Locust', 'wheelchair', 'chest-lift.chair chair-opposite-arm-leg final-rest.chair', 'the back, seated', 'chest-lift.chair'),
  c('Triangle', 'wheelchair', 'gate.chair side-bend extended-side-angle.chair', 'the side, seated', 'side-bend'),
  c('Supine twist', 'wheelchair', 'seated-twist wide-leg-twist seated-circles', 'a twist, seated', 'seated-twist'),
  c('Standing forward fold', 'wheelchair', 'chair-fold knees-to-chest.one-chair chair-leg-stretch', 'a fold, seated', 'chair-fold'),
  c('Warrior one', 'wheelchair', 'warrior-one.chair goddess.chair warrior-two.chair', 'the chair form first', 'warrior-one.chair'),
  c('Child’s pose', 'chair user', 'chair-fold easy-seat.chair mountain-prayer.chair palming table-rest', 'settling, on the chair', 'chair-fold'),
  c('Plank', 'no floor', 'plank.wall four-limbed-staff.wall boat.chair', 'at the wall', 'plank.wall'),
  c('Bridge', 'no floor', 'thigh-stretch chest-lift high-lunge warrior-one upward-facing-dog.chair', 'the front of the hips, standing'),
  c('Butterfly', 'no floor', 'happy-baby.chair garland.chair goddess.chair wide-legged-fold.chair', 'thighs apart, on a chair'),
  c('Opposite arm and leg', 'no kneeling', 'chair-opposite-arm-leg warrior-three leg-back-balance prone-opposite-arm-leg staff', 'the long line, off the knees; nobody is sent onto one leg to spare the knees'),
  c('Low lunge', 'no kneeling', 'high-lunge warrior-one bow.half thigh-stretch', 'the lunge, off the knee', 'high-lunge'),
  c('Cat and cow', 'no kneeling', 'cat-cow.chair cat-cow.chair-lift pelvic-tilt seated-circles', 'the wave, on a chair', 'cat-cow.chair'),
  c('Child’s pose', 'no kneeling', 'seated-forward-fold head-to-knee gentle-fold-bolster easy-seat chair-fold knees-to-chest', 'a rounded rest, sitting'),
  c('Hero', 'knee arthritis', 'hero.high-block low-lunge pigeon thigh-stretch tall-kneel', 'a higher seat first', 'hero.high-block'),
  c('Plank', 'carpal tunnel', 'plank.wall forearm-plank plank.knees boat', 'off the bent wrists', 'forearm-plank'),
  c('Downward-facing dog', 'carpal tunnel', 'downward-facing-dog.chair-back downward-facing-dog.wall dolphin staff seated-forward-fold', 'hands on a chair back or forearms'),
  c('Downward-facing dog', 'arms to 120', 'staff dolphin seated-forward-fold supine-leg-stretch half-forward-fold', 'the hamstrings; the arms stay within their range'),
  c('Pigeon', 'new hip', 'supine-figure-four.wall figure-four.strap easy-seat hero', 'outward and not past a right angle; no crossing of the midline, no turning in'),
  c('Garland', 'new hip', 'garland.chair happy-baby goddess wide-legged-fold.chair', 'hips above the knees', 'garland.chair'),
  c('Shoulder stand', 'neck disc', UP, 'no weight on the neck', 'legs-up-the-wall'),
  c('Final rest', 'reflux', 'final-rest.propped final-rest.side final-rest.chair', 'Khoury 1999: left side, head end up', 'final-rest.propped'),
  c('Plank', 'hernia', 'plank.wall four-limbed-staff.wall knee-lift-into-hand', 'abdominal load 1 at most', 'plank.wall'),
  c('Boat', 'three weeks after birth', 'boat.chair knee-lift-into-hand seated-leg-lift shins-level', 'deepest layer only', 'boat.chair'),
  c('Shoulder stand', 'child of 7', UP, 'no shoulder stands', 'legs-up-the-wall'),
  c('Tree', 'after a fall', 'tree.hand-on-wall tree.chair tandem-stand', 'a hand on something', 'tree.hand-on-wall'),
  c('Warrior three', 'after a fall', 'warrior-three.chair-back leg-back-balance.chair-back chair-opposite-arm-leg one-legged-chair.chair-back', 'a hand on something', 'warrior-three.chair-back'),
  c('Chair pose', 'wheelchair', 'goddess.chair garland.chair warrior-two.chair mountain.chair chair-march seated-leg-lift boat.chair foot-pump warrior-one.chair tree.chair eagle.chair stork.chair', 'seated work of the legs; nobody is asked to rise'),
  c('Extended side angle', 'arms to 120', 'extended-side-angle.hand-on-hip extended-side-angle goddess side-bend half-moon', 'the same stance, the upper hand on the hip', 'extended-side-angle.hand-on-hip'),
  c('Standing forward fold', 'chair user', 'chair-fold wide-legged-fold.chair downward-facing-dog.wall half-forward-fold.chair-back', 'on the chair or behind it, no hands on blocks', 'chair-fold.half'),
  c('Knees to chest', 'week 30', 'knees-to-chest.wide seated-forward-fold.bent-knees happy-baby half-lotus-fold supine-leg-stretch constructive-rest', 'room for the belly', 'knees-to-chest.wide'),
  c('Plank', 'breastbone five weeks', 'boat.chair shins-level.one chair-march knee-lift-into-hand side-leg-lift seated-leg-lift', 'neither on the arms nor curled'),
  c('Half moon', 'after a fall', 'half-moon.chair leg-back-balance.chair-back one-legged-chair.chair-back warrior-three.chair-back tandem-stand.chair-back', 'a hand on something', 'half-moon.chair'),
  c('Warrior two', 'pelvic girdle pain', 'warrior-two.chair goddess.chair chair-pose', 'no wide stance', 'warrior-two.chair'),
  c('Head to knee', 'sciatica', 'seated-forward-fold.bent-knees childs-pose chair-fold knees-to-chest supine-leg-stretch.bent', 'knees bent: no pull on the nerve', 'seated-forward-fold.bent-knees'),
  c('Downward-facing dog', 'vertigo', 'downward-facing-dog.chair-back downward-facing-dog.wall staff half-forward-fold', 'the head stays up', 'downward-facing-dog.chair-back'),
];
