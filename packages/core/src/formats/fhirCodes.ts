/** Systems of codes, by the addresses that FHIR R4 knows them by. */
export const SYSTEMS = {
  icd10: 'http://hl7.org/fhir/sid/icd-10',
  loinc: 'http://loinc.org',
  ucum: 'http://unitsofmeasure.org',
  clinical: 'http://terminology.hl7.org/CodeSystem/condition-clinical',
  category: 'http://terminology.hl7.org/CodeSystem/observation-category',
  /** What no system has a code for, by our own names. */
  own: 'urn:lotus-steady',
} as const;

/**
 * LOINC codes of what is measured on everybody, and how it is counted (UCUM); from the vital signs profiles of FHIR R4,
 * from memory.
 */
export const LOINC = {
  height: { code: '8302-2', display: 'Body height', unit: 'cm' },
  weight: { code: '29463-7', display: 'Body weight', unit: 'kg' },
  pressure: { code: '85354-9', display: 'Blood pressure panel with all children optional', unit: 'mm[Hg]' },
  systolic: { code: '8480-6', display: 'Systolic blood pressure', unit: 'mm[Hg]' },
  diastolic: { code: '8462-4', display: 'Diastolic blood pressure', unit: 'mm[Hg]' },
} as const;

interface Icd10 {
  /** What it is written as; only where the title of the code is the condition itself. */
  code?: string;
  /** What is read as it: a code that begins with one of these. The longest that fits counts. */
  reads: readonly string[];
}

const is = (code: string, ...also: string[]): Icd10 => ({ code, reads: [code, ...also] });
const readFrom = (...reads: string[]): Icd10 => ({ reads });

/**
 * ICD-10 codes of conditions, as the WHO has them (version of 2019); from memory. A condition of ours that is several
 * (stroke or TIA, bunion or gout) is read from their codes and written as none: a code would say more than is known.
 * Ehlers-Danlos (Q79.6) is known by its words, for only they tell its vascular kind.
 */
export const ICD10: Readonly<Record<string, Icd10>> = {
  pregnancy: is('Z33', 'Z34'),
  'complicated-pregnancy': is('Z35', 'O1', 'O2', 'O3', 'O4'),
  'after-birth': is('Z39', 'O8', 'O90', 'O92'),
  'high-blood-pressure': is('I10', 'I11', 'I12', 'I13', 'I15'),
  'low-blood-pressure': is('I95'),
  'heart-disease': readFrom('I25', 'I20', 'I21', 'I22', 'I24'),
  'heart-failure': is('I50'),
  pacemaker: is('Z95.0'),
  'breastbone-surgery': readFrom('Z95.1'),
  'aortic-disease': readFrom('I71', 'Q87.4'),
  stroke: readFrom('I64', 'I60', 'I61', 'I62', 'I63', 'I69', 'G45'),
  'blood-clot': readFrom('I82', 'I80', 'I26'),
  'blood-thinners': readFrom('Z92.1', 'D66', 'D67', 'D68', 'D69'),
  glaucoma: is('H40', 'H42'),
  'macular-degeneration': is('H35.3'),
  retina: is('H33'),
  'diabetic-eye-disease': is('H36.0'),
  'sight-loss': is('H54'),
  'lumbar-disc': is('M51'),
  'low-bone-density': readFrom('M81', 'M80', 'M82'),
  sciatica: is('M54.3', 'M54.4'),
  'low-back-pain': is('M54.5'),
  'spinal-stenosis': is('M48.0'),
  spondylolisthesis: is('M43.1'),
  scoliosis: is('M41'),
  'spinal-fusion': is('Z98.1'),
  'ankylosing-spondylitis': is('M45'),
  'round-upper-back': readFrom('M40'),
  'neck-pain': is('M54.2'),
  'neck-disc': is('M50'),
  whiplash: is('S13.4'),
  'thoracic-outlet': is('G54.0'),
  'head-injury': readFrom('S06'),
  'shoulder-impingement': readFrom('M75.4', 'M75.1'),
  'frozen-shoulder': is('M75.0'),
  'carpal-tunnel': is('G56.0'),
  'elbow-pain': readFrom('M77.1', 'M77.0'),
  'hand-arthritis': readFrom('M18'),
  'knee-arthritis': is('M17'),
  'meniscus-tear': is('S83.2', 'M23.2'),
  'knee-ligament': readFrom('S83.5'),
  'kneecap-pain': readFrom('M22.4', 'M22.2'),
  'hip-arthritis': is('M16'),
  'gluteal-tendon': is('M76.0'),
  'plantar-heel-pain': is('M72.2'),
  'big-toe': readFrom('M20.1', 'M10'),
  'abdominal-hernia': is('K46', 'K40', 'K41', 'K42', 'K43', 'K45'),
  reflux: readFrom('K21', 'K44'),
  'pelvic-organ-prolapse': is('N81'),
  'pelvic-pain': is('R10.2'),
  vertigo: is('R42', 'H81'),
  migraine: is('G43'),
  'other-headache': readFrom('R51', 'G44'),
  epilepsy: is('G40'),
  'multiple-sclerosis': is('G35'),
  parkinsons: is('G20'),
  'spinal-cord-injury': readFrom('G82', 'T91.3'),
  'cerebral-palsy': is('G80'),
  'motor-neurone-disease': is('G12.2'),
  ataxia: readFrom('G11', 'R27.0', 'G25'),
  'numb-feet': readFrom('G60', 'G61', 'G62', 'G63'),
  'cognitive-impairment': readFrom('F03', 'F00', 'F01', 'F02', 'F7'),
  'autism-attention': readFrom('F84', 'F90'),
  asthma: is('J45'),
  'lung-disease': is('J44', 'J43'),
  diabetes: readFrom('E14', 'E10', 'E11', 'E12', 'E13'),
  thyroid: readFrom(
    'E00',
    'E01',
    'E02',
    'E03',
    'E04',
    'E05',
    'E06',
    'E07',
    'D5',
    'D60',
    'D61',
    'D62',
    'D63',
    'D64',
  ),
  'after-effort-crash': readFrom('G93.3', 'U09'),
  'bone-spread': readFrom('C79.5', 'C90.0'),
  lymphoedema: is('I89.0', 'I97.2'),
  'rheumatoid-arthritis': readFrom('M06', 'M05', 'M08'),
  'very-mobile-joints': is('M35.7'),
  menopause: readFrom('N95'),
  fibromyalgia: is('M79.7'),
  depression: readFrom('F32', 'F33'),
  'anxiety-trauma': readFrom('F41', 'F40', 'F43'),
  'eating-disorder': is('F50'),
  sleeplessness: is('G47.0', 'F51.0'),
  'larger-body': readFrom('E66'),
  'bowel-disease': readFrom('K50', 'K51', 'K58'),
  stoma: is('Z93'),
  prostate: readFrom('C61', 'N40'),
  'kidney-disease': is('N18'),
  frailty: readFrom('R54'),
  'hearing-loss': readFrom('H91', 'H90', 'H93.1'),
  'varicose-veins': is('I83'),
  'limb-loss': is('Z89'),
  'breast-operation': readFrom('Z90.1'),
};

/** The condition that an ICD-10 code is read as. @example conditionOfIcd10('M54.50') // 'low-back-pain' */
export function conditionOfIcd10(code: string): string | undefined {
  const fits = Object.entries(ICD10).flatMap(([condition, { reads }]) =>
    reads.filter((start) => code.toUpperCase().startsWith(start)).map((start) => ({ condition, start })),
  );
  return fits.sort((a, b) => b.start.length - a.start.length)[0]?.condition;
}
