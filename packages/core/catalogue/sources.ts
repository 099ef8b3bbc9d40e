import type { Source } from '../src/authoring/ruleWords.js';

/**
 * Published work that rules and house view rest on, and what it found. All quoted from memory: authors,
 * years and numbers are to be checked against the source; where they differ, the source holds.
 */
export const SOURCES = {
  'acog-co-804': {
    citation: 'ACOG Committee Opinion 804 (2020)',
    found:
      'Exercise in pregnancy is safe and helpful, and is taken up again after birth when it is medically safe; lists warning signs; prolonged motionless standing and lying flat from about week 20, falls and heat are to be avoided.',
  },
  'mottola-2018': {
    citation: 'Mottola and others 2018 (Canadian guideline)',
    found: 'Exercise helps in pregnancy; on the back only a change of position where one feels unwell; complications that stop it.',
  },
  'polis-2015': {
    citation: 'Polis, Gussman and Kuo 2015',
    found:
      '25 healthy women at 35 to 37 weeks did 26 poses once, supervised and short: no harm seen. No full inversions, deep twists, jumps or belly-down shapes were among them.',
  },
  'cronin-2019': { citation: 'Cronin 2019, Heazell 2018', found: 'For going to sleep the right side is as good as the left.' },
  'vleeming-2008': {
    citation: 'Vleeming 2008 (European guideline)',
    found: 'Pelvic girdle pain: stay active within what is free of pain, one-legged loading less.',
  },
  'gluppe-2021': { citation: 'Gluppe 2021 and 2023', found: 'Head lifts narrow the gap of the belly while they last; a trial of curl-ups did not widen it.' },
  'goom-2019': { citation: 'Goom 2019', found: 'Running and jumping from about twelve weeks after birth.' },
  'acc-aha-2017': { citation: 'ACC/AHA 2017, classes kept in AHA/ACC 2025', found: 'Classes of blood pressure; holding exercise is among what lowers it.' },
  'edwards-2023': { citation: 'Edwards 2023', found: 'Holding exercise lowers resting pressure most; the risk lies in strain with held breath.' },
  'miles-2013': { citation: 'Miles 2013', found: 'Strong standing poses raise the pressure for a while; in health the rise is small.' },
  'freeman-2011': { citation: 'Freeman 2011 (consensus)', found: 'A fall of 20 or 10 within three minutes of standing; rise in stages.' },
  'jasien-2015': {
    citation: 'Jasien 2015',
    found: 'Eye pressure rose in dog, standing fold, plough and legs up the wall, and was back within about two minutes.',
  },
  'baskaran-2006': { citation: 'Baskaran 2006', found: 'Eye pressure about doubled in headstand.' },
  'buys-2010': { citation: 'Buys 2010', found: 'Lying with the head raised by 20 to 30 degrees keeps eye pressure lower than lying flat.' },
  'colberg-2016': {
    citation: 'Colberg 2016 (ADA position)',
    found: 'Blood sugar before exercise; no straining, jarring or head-down with advanced eye disease; no weight on a foot ulcer.',
  },
  'katijjahbe-2018': {
    citation: 'Katijjahbe and others 2018 (SMART), Cahalin 2011, Adams 2016',
    found: 'After breastbone surgery 72 people, half of them with fewer bans: arms close to the body and comfort as the guide did as well.',
  },
  'aha-asa-2016': { citation: 'AHA/ASA 2016', found: 'After stroke: early, supported exercise; protect the weak shoulder.' },
  'kumar-1990': { citation: 'Kumar 1990', found: 'Overhead pulling of the weak arm after stroke led to more shoulder pain.' },
  'sinaki-1984': {
    citation: 'Sinaki and Mikkelsen 1984',
    found:
      '59 women with spinal osteoporosis: new fractures in 89 of 100 with flexion exercise, 16 with extension, 53 with both, 67 with none; small, not randomised.',
  },
  'sinaki-2013': { citation: 'Sinaki 2013', found: 'Case series of fractures after strong spinal flexion in yoga.' },
  'brooke-wavell-2022': {
    citation: 'Brooke-Wavell 2022 (consensus)',
    found: 'Strong, steady and straight: exercise for bone; avoid only forced, repeated, loaded end-range flexion and flexion with rotation.',
  },
  'giangregorio-2014': { citation: 'Giangregorio 2014', found: 'Exercise with osteoporosis: balance and strength, safe moving in place of bans.' },
  'wilke-1999': { citation: 'Wilke 1999', found: 'Pressure measured in a disc: relaxed sitting at or below standing.' },
  'long-2004': {
    citation: 'Long 2004',
    found: 'Back pain with leg pain: exercise in the direction that draws the pain up the leg helped, the opposite did not.',
  },
  'nice-ng59': {
    citation: 'NICE NG59 (2016, updated 2020)',
    found: 'Low back pain: keep active, group exercise with mind and body; sets no limits on bending.',
  },
  'qaseem-2017': { citation: 'Qaseem 2017 (ACP)', found: 'Names yoga among the first things to try for long-standing low back pain.' },
  'sinaki-1989': { citation: 'Sinaki 1989', found: 'Slipped vertebra: flexion exercise did better than extension.' },
  'osullivan-1997': { citation: 'O’Sullivan 1997', found: 'Slipped vertebra: training of the deep muscles helped.' },
  'sosort-2016': { citation: 'SOSORT 2016 (Negrini 2018)', found: 'Scoliosis: exercise specific to the curve; classes by Cobb degrees.' },
  'crompton-2020': { citation: 'Crompton 2020, Smith 2016', found: 'Hip precautions did not lower dislocation after modern hip replacement.' },
  'nice-ng226': { citation: 'NICE NG226 (2022)', found: 'Arthritis of knee or hip: exercise is the core treatment, some discomfort at first is no harm.' },
  'jenkins-2008': { citation: 'Jenkins 2008', found: 'After partial knee replacement kneeling is uncomfortable rather than harmful.' },
  'schmitz-2009': { citation: 'Schmitz 2009', found: 'Slowly rising loads did not worsen arm swelling after breast cancer.' },
  'nice-ng206': { citation: 'NICE NG206 (2021)', found: 'ME/CFS: stay within the person’s limits; no programme of fixed increases.' },
  'campbell-2019': {
    citation: 'Campbell 2019 (ACSM round table)',
    found: 'Exercise is safe and helps during and after cancer treatment; care with bone spread, low counts, ports.',
  },
  'chest-2021': { citation: 'CHEST 2016 and 2021', found: 'Blood clot on treatment: walking early is fine.' },
  'kaltenbach-2006': { citation: 'Kaltenbach 2006, Khoury 1999', found: 'Reflux: head end up and lying on the left help.' },
  'bhattacharyya-2017': { citation: 'Bhattacharyya 2017 (AAO-HNS)', found: 'The common vertigo is set off by lying down, rolling over and looking up.' },
  'celli-1986': { citation: 'Celli 1986', found: 'Lung disease: unsupported arm work overhead makes breathing harder.' },
  'sherrington-2019': { citation: 'Sherrington 2019', found: 'Balance work lowers the rate of falls by about a quarter.' },
  'roach-miles-1991': {
    citation: 'Roach and Miles 1991, Soucie 2011',
    found:
      'Hip flexion 121 degrees (SD 13) at 25 to 39 and 118 at 60 to 74; hip extension 22, 18 and 17; shoulders lift 169 degrees in women under 45, 164 until 69.',
  },
  'danneskiold-samsoe-2009': {
    citation: 'Danneskiold-Samsøe and others 2009, Harbo 2012',
    found:
      'Strength of grown women and men by age, joint by joint: about a third less at 70 than at 30, and men of an age about a quarter to a half stronger per kilogram.',
  },
  'springer-2007': {
    citation: 'Springer and others 2007',
    found: 'On one leg with open eyes, mean of three: about 43 s to 39 years, 40, 37, 27 in the sixties, 15 in the seventies, 6 from 80.',
  },
  'hughes-1996': {
    citation: 'Hughes, Myers and Schenkman 1996',
    found: 'Rising from a chair takes four tenths of the knee strength of the young, and nearly all of that of frail old people.',
  },
  'wang-2013': {
    citation: 'Wang, Salem and others 2013 (YESS)',
    found: 'Older people in standing poses: which asks most differs from joint to joint, and leaning on a wall or chair changes it; no limit is set.',
  },
  'cramer-2015': {
    citation: 'Cramer and others 2015 and 2018',
    found:
      'In trials yoga does no more harm than other exercise; among reported injuries headstand, shoulder stand, lotus and forced ends of a movement stand out.',
  },
  'meah-2020': {
    citation: 'Meah, Davies and Davenport 2020',
    found: 'Of what is listed against exercise in pregnancy only part is carried by evidence; with most of it easy activity goes on as her team says.',
  },
  'vellas-1997': { citation: 'Vellas and others 1997', found: 'Older people who stand on one leg for less than 5 s have more falls that injure.' },
  'brito-2012': {
    citation: 'Brito and others 2012',
    found: 'Of people of 51 to 80, those who need hands or knees to sit down on the floor and rise are more with every decade.',
  },
  steadi: { citation: 'CDC STEADI', found: 'Cut-offs of chair stand, up-and-go and heel-to-toe standing.' },
  'coggrave-2003': { citation: 'Coggrave and Rose 2003', found: 'Skin under the seat needs about two minutes of relief to refill.' },
  'hagen-2014': { citation: 'Hagen 2014', found: 'Pelvic floor training eases the symptoms of prolapse.' },
  'csm-2001': {
    citation: 'Consortium for Spinal Cord Medicine 2001',
    found: 'Injury at T6 and above: a sudden rise of pressure with headache; sit up, loosen, find the cause.',
  },
  'bull-2022': { citation: 'Bull 2022 (AAP)', found: 'Down syndrome: no neck loading; signs of pressure on the cord.' },
  'amsterdam-2023': {
    citation: 'Amsterdam consensus 2023',
    found: 'Concussion: one to two days of relative rest, then activity below what brings symptoms on.',
  },
  'campbell-2022': {
    citation: 'Campbell and others 2022 (international consensus)',
    found: 'Exercise with spread to the bone: weighed with the team, and not ruled out; no high load or forced range at the place.',
  },
  'ammendolia-2022': {
    citation: 'Ammendolia and others 2022 (review)',
    found: 'Spinal stenosis with pain on walking: exercise with hands-on treatment and education helped.',
  },
  'osborne-2022': {
    citation: 'Osborne and others 2022 (American guideline)',
    found: 'Parkinson’s disease: balance, strength and aerobic training are recommended.',
  },
  'hector-2015': { citation: 'Hector and Jensen 2015', found: 'The head carries 40 to 48 of 100 of body weight in headstand.' },
} as const satisfies Readonly<Record<string, Source>>;

export type SourceId = keyof typeof SOURCES;
