/** Written by `npm run contract` from the server’s DTO classes; do not edit. */
import type {
  Can,
  Choices,
  Clearance,
  Comparison,
  Fitting,
  HallRules,
  HouseView,
  MovedLimit,
  OwnLimit,
  OwnRule,
  Pace,
  Shape,
  StoredSolutions,
  Today,
} from '@lotus-steady/core';

export interface paths {
  '/api/health': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Health.health'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/hall': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Hall.current'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/hall/house-view': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: operations['Hall.saveHouseView'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/hall/stock': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: operations['Hall.saveStock'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/hall/pace': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: operations['Hall.savePace'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/hall/rules': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: operations['Hall.saveRules'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Person.list'];
    put?: never;
    post: operations['Person.create'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Person.one'];
    put: operations['Person.update'];
    post?: never;
    delete: operations['Person.remove'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people/{id}/props': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: operations['Person.saveProp'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people/{id}/restore': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['Person.restore'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sequences': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Sequence.list'];
    put?: never;
    post: operations['Sequence.create'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sequences/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Sequence.one'];
    put: operations['Sequence.update'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sequences/{id}/versions': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Sequence.versions'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sequences/{id}/versions/{version}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Sequence.version'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/courses': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Course.list'];
    put?: never;
    post: operations['Course.create'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/courses/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Course.one'];
    put: operations['Course.update'];
    post?: never;
    delete: operations['Course.remove'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/own-variants': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['OwnVariant.list'];
    put?: never;
    post: operations['OwnVariant.create'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/own-variants/{key}/restore': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['OwnVariant.restore'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/own-variants/{key}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post?: never;
    delete: operations['OwnVariant.remove'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Class.list'];
    put?: never;
    post: operations['Class.create'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Class.one'];
    put: operations['Class.update'];
    post?: never;
    delete: operations['Class.remove'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/fit': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['Class.fit'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/{id}/inputs': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Class.inputs'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/{id}/recheck': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['Class.recheck'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/{id}/plan': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: operations['Class.savePlan'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/{id}/sequence': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: operations['Class.saveSequence'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/{id}/record': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put: operations['Class.saveRecords'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/classes/{id}/restore': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['Class.restore'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
}
export type webhooks = Record<string, never>;
export interface components {
  schemas: {
    HealthDto: {
      ok: boolean;
    };
    FieldProblemDto: {
      field: string;
      message: string;
    };
    ProblemDto: {
      statusCode: number;
      message: string;
      fields?: components['schemas']['FieldProblemDto'][];
      current?: {
        [key: string]: unknown;
      };
    };
    HallDto: {
      name: string;
      teacher: string;
      /** Format: date */
      today: string;
      houseView: HouseView;
      stock: {
        [key: string]: number;
      };
      rules: HallRules;
      pace: Partial<Pace>;
      version: number;
      stockVersion: number;
    };
    HouseViewDto: {
      houseView: {
        [key: string]: string;
      };
    };
    VersionDto: {
      version: number;
    };
    StockDto: {
      stock: {
        [key: string]: number;
      };
    };
    PaceDto: {
      pace: Partial<Pace>;
    };
    HallRulesDto: {
      moved: MovedLimit[];
      own: OwnRule[];
    };
    PersonLineDto: {
      /** Format: uuid */
      id: string;
      name: string;
      born?: string;
      /** @enum {string} */
      sex?: 'woman' | 'man';
      /** @enum {string} */
      pronoun?: 'she' | 'he' | 'they';
      heightCm: number;
      weightKg?: number;
      can: Can;
      ranges: {
        [key: string]: number;
      };
      screening: {
        [key: string]: number;
      };
      conditions: { condition: string; [detail: string]: unknown }[];
      limits: OwnLimit[];
      clearances: Clearance[];
      version: number;
    };
    StepChangeDto: {
      step: number;
      /** @enum {string} */
      what: 'eased' | 'stopped';
    };
    PersonRecordDto: {
      /** Format: uuid */
      classId: string;
      title: string;
      /** Format: date */
      on: string;
      came: boolean;
      painBefore: number | null;
      painAfter: number | null;
      changes: components['schemas']['StepChangeDto'][];
      word: string;
    };
    PropNoteDto: {
      /** @enum {string} */
      task:
        | 'shoulder-stand-blankets'
        | 'twist-knees'
        | 'fold-hands'
        | 'seat-legs-long'
        | 'seat-cross-legged'
        | 'head-on-side'
        | 'thigh-roll';
      heightCm: number;
      words: string;
      /** Format: date */
      on: string;
    };
    PersonDto: {
      /** Format: uuid */
      id: string;
      name: string;
      born?: string;
      /** @enum {string} */
      sex?: 'woman' | 'man';
      /** @enum {string} */
      pronoun?: 'she' | 'he' | 'they';
      heightCm: number;
      weightKg?: number;
      can: Can;
      ranges: {
        [key: string]: number;
      };
      screening: {
        [key: string]: number;
      };
      conditions: { condition: string; [detail: string]: unknown }[];
      limits: OwnLimit[];
      clearances: Clearance[];
      version: number;
      records: components['schemas']['PersonRecordDto'][];
      propNotes: components['schemas']['PropNoteDto'][];
    };
    PersonDraftDto: {
      name: string;
      born?: string;
      /** @enum {string} */
      sex?: 'woman' | 'man';
      /** @enum {string} */
      pronoun?: 'she' | 'he' | 'they';
      heightCm?: number;
      weightKg?: number;
      can?: Can;
      ranges?: {
        [key: string]: number;
      };
      screening?: {
        [key: string]: number;
      };
      conditions?: { condition: string; [detail: string]: unknown }[];
      limits?: OwnLimit[];
      clearances?: Clearance[];
    };
    SavedDto: {
      /** Format: uuid */
      id: string;
      version: number;
    };
    UseDto: {
      /** Format: uuid */
      id: string;
      title: string;
      /** Format: date */
      on: string;
    };
    SequenceDto: {
      /** Format: uuid */
      id: string;
      title: string;
      source: string;
      tags: string[];
      archived: boolean;
      /** Format: uuid */
      courseId: string | null;
      /** @description Of its course, from 1. */
      week: number | null;
      /** @description Classes that were begun from it, the last first. */
      uses: components['schemas']['UseDto'][];
      /** Format: date-time */
      changed: string;
      version: number;
    };
    SequenceVersionLineDto: {
      version: number;
      title: string;
      /** Format: date-time */
      saved: string;
    };
    SequenceVersionDto: {
      version: number;
      title: string;
      /** Format: date-time */
      saved: string;
      source: string;
    };
    SequenceDraftDto: {
      source: string;
      tags?: string[];
    };
    SequenceChangeDto: {
      source?: string;
      tags?: string[];
      /** @description Put away: not offered for new classes. */
      archived?: boolean;
    };
    CourseWeekDto: {
      week: number;
      /** Format: uuid */
      sequenceId: string;
      source: string;
      /** @description Days of classes that were begun from it. */
      classes: string[];
    };
    CourseDto: {
      /** Format: uuid */
      id: string;
      title: string;
      /** Format: date */
      startsOn: string;
      time: string | null;
      place: string | null;
      people: string[];
      weeks: components['schemas']['CourseWeekDto'][];
      version: number;
    };
    CourseDraftDto: {
      title: string;
      /** Format: date */
      startsOn: string;
      time?: string;
      place?: string;
      /** @description Who is enrolled, by id. */
      people: string[];
      /** @description What is written for each week. */
      weeks: string[];
    };
    CourseChangeDto: {
      title?: string;
      /** Format: date */
      startsOn?: string;
      time?: string;
      place?: string;
      /** @description Who is enrolled, by id. */
      people?: string[];
    };
    OwnVariantDto: {
      /** Format: uuid */
      key: string;
      id: string;
      pose: string;
      poseName?: string;
      base: string;
      after: string;
      name: string;
      angles: {
        [key: string]: number;
      };
      frames: Shape[];
      solved: StoredSolutions;
    };
    OwnVariantDraftDto: {
      name: string;
      pose: string;
      poseName?: string;
      base: string;
      after: string;
      angles: {
        [key: string]: number;
      };
    };
    SavedOwnVariantDto: {
      id: string;
    };
    ClassLineDto: {
      /** Format: uuid */
      id: string;
      title: string;
      /** Format: date */
      on: string;
      time: string | null;
      place: string | null;
      people: number;
      recorded: boolean;
    };
    ClassPersonDto: {
      /** Format: uuid */
      id: string;
      name: string;
      today: Today;
    };
    RecordDto: {
      /** Format: uuid */
      personId: string;
      came: boolean;
      painBefore?: number | null;
      painAfter?: number | null;
      changes: components['schemas']['StepChangeDto'][];
      word: string;
    };
    ClassDto: {
      /** Format: uuid */
      id: string;
      title: string;
      /** Format: date */
      on: string;
      time: string | null;
      place: string | null;
      /** Format: uuid */
      sequenceId: string | null;
      sequenceText: string;
      houseView: HouseView;
      choices: Choices;
      fitting: Fitting;
      people: components['schemas']['ClassPersonDto'][];
      records: components['schemas']['RecordDto'][];
      version: number;
    };
    ComingDto: {
      /** Format: uuid */
      id: string;
      today?: Today;
    };
    FitDto: {
      /** Format: date */
      on: string;
      sequenceText: string;
      people: components['schemas']['ComingDto'][];
      houseView?: {
        [key: string]: string;
      };
      choices?: Choices;
    };
    FittedDto: {
      fitting: Fitting;
    };
    ClassDraftDto: {
      /** Format: date */
      on: string;
      sequenceText: string;
      people: components['schemas']['ComingDto'][];
      houseView?: {
        [key: string]: string;
      };
      choices?: Choices;
      title: string;
      time?: string;
      place?: string;
      /**
       * Format: uuid
       * @description The sequence of the library that it begins from.
       */
      sequenceId?: string;
    };
    PersonOnTheDayDto: {
      /** Format: uuid */
      id: string;
      name: string;
      born?: string;
      /** @enum {string} */
      sex?: 'woman' | 'man';
      /** @enum {string} */
      pronoun?: 'she' | 'he' | 'they';
      heightCm: number;
      weightKg?: number;
      can: Can;
      ranges: {
        [key: string]: number;
      };
      screening: {
        [key: string]: number;
      };
      conditions: { condition: string; [detail: string]: unknown }[];
      limits: OwnLimit[];
      clearances: Clearance[];
      today: Today;
    };
    ClassInputsDto: {
      /** Format: date */
      on: string;
      people: components['schemas']['PersonOnTheDayDto'][];
      houseView: HouseView;
      hall: HallRules;
      pace: Partial<Pace>;
      stock?: {
        [key: string]: number;
      };
    };
    RecheckDto: {
      comparison: Comparison;
    };
    PlanDto: {
      sequenceText: string;
      choices: Choices;
    };
    ClassSequenceDto: {
      /** Format: uuid */
      sequenceId: string;
    };
    AfterClassDto: {
      records: components['schemas']['RecordDto'][];
    };
  };
  responses: never;
  parameters: never;
  requestBodies: never;
  headers: never;
  pathItems: never;
}
export type $defs = Record<string, never>;
export interface operations {
  'Health.health': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['HealthDto'];
        };
      };
      503: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProblemDto'];
        };
      };
    };
  };
  'Hall.current': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['HallDto'];
        };
      };
    };
  };
  'Hall.saveHouseView': {
    parameters: {
      query?: never;
      header: {
        /** @description The version that was read, in quotes. */
        'If-Match': string;
      };
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['HouseViewDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['VersionDto'];
        };
      };
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProblemDto'];
        };
      };
    };
  };
  'Hall.saveStock': {
    parameters: {
      query?: never;
      header: {
        /** @description The version that was read, in quotes. */
        'If-Match': string;
      };
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['StockDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['VersionDto'];
        };
      };
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProblemDto'];
        };
      };
    };
  };
  'Hall.savePace': {
    parameters: {
      query?: never;
      header: {
        /** @description The version that was read, in quotes. */
        'If-Match': string;
      };
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['PaceDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['VersionDto'];
        };
      };
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProblemDto'];
        };
      };
    };
  };
  'Hall.saveRules': {
    parameters: {
      query?: never;
      header: {
        /** @description The version that was read, in quotes. */
        'If-Match': string;
      };
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['HallRulesDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['VersionDto'];
        };
      };
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProblemDto'];
        };
      };
    };
  };
  'Person.list': {
    parameters: {
      query?: {
        from?: number;
        most?: number;
        find?: string;
        ids?: string[];
      };
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['PersonLineDto'][];
        };
      };
    };
  };
  'Person.create': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['PersonDraftDto'];
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedDto'];
        };
      };
    };
  };
  'Person.one': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['PersonDto'];
        };
      };
    };
  };
  'Person.update': {
    parameters: {
      query?: never;
      header: {
        /** @description The version that was read, in quotes. */
        'If-Match': string;
      };
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['PersonDraftDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedDto'];
        };
      };
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProblemDto'];
        };
      };
    };
  };
  'Person.remove': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Person.saveProp': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['PropNoteDto'];
      };
    };
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Person.restore': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Sequence.list': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SequenceDto'][];
        };
      };
    };
  };
  'Sequence.create': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['SequenceDraftDto'];
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedDto'];
        };
      };
    };
  };
  'Sequence.one': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SequenceDto'];
        };
      };
    };
  };
  'Sequence.update': {
    parameters: {
      query?: never;
      header: {
        /** @description The version that was read, in quotes. */
        'If-Match': string;
      };
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['SequenceChangeDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedDto'];
        };
      };
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProblemDto'];
        };
      };
    };
  };
  'Sequence.versions': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SequenceVersionLineDto'][];
        };
      };
    };
  };
  'Sequence.version': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
        version: number;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SequenceVersionDto'];
        };
      };
    };
  };
  'Course.list': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['CourseDto'][];
        };
      };
    };
  };
  'Course.create': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['CourseDraftDto'];
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedDto'];
        };
      };
    };
  };
  'Course.one': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['CourseDto'];
        };
      };
    };
  };
  'Course.update': {
    parameters: {
      query?: never;
      header: {
        /** @description The version that was read, in quotes. */
        'If-Match': string;
      };
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['CourseChangeDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedDto'];
        };
      };
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProblemDto'];
        };
      };
    };
  };
  'Course.remove': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'OwnVariant.list': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['OwnVariantDto'][];
        };
      };
    };
  };
  'OwnVariant.create': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['OwnVariantDraftDto'];
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedOwnVariantDto'];
        };
      };
    };
  };
  'OwnVariant.restore': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'OwnVariant.remove': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        key: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Class.list': {
    parameters: {
      query?: {
        from?: number;
        most?: number;
        when?: 'coming' | 'past';
      };
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ClassLineDto'][];
        };
      };
    };
  };
  'Class.create': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['ClassDraftDto'];
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedDto'];
        };
      };
    };
  };
  'Class.one': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ClassDto'];
        };
      };
    };
  };
  'Class.update': {
    parameters: {
      query?: never;
      header: {
        /** @description The version that was read, in quotes. */
        'If-Match': string;
      };
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['ClassDraftDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedDto'];
        };
      };
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProblemDto'];
        };
      };
    };
  };
  'Class.remove': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
  'Class.fit': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['FitDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['FittedDto'];
        };
      };
    };
  };
  'Class.inputs': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ClassInputsDto'];
        };
      };
    };
  };
  'Class.recheck': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['RecheckDto'];
        };
      };
    };
  };
  'Class.savePlan': {
    parameters: {
      query?: never;
      header: {
        /** @description The version that was read, in quotes. */
        'If-Match': string;
      };
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['PlanDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedDto'];
        };
      };
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProblemDto'];
        };
      };
    };
  };
  'Class.saveSequence': {
    parameters: {
      query?: never;
      header: {
        /** @description The version that was read, in quotes. */
        'If-Match': string;
      };
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['ClassSequenceDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedDto'];
        };
      };
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProblemDto'];
        };
      };
    };
  };
  'Class.saveRecords': {
    parameters: {
      query?: never;
      header: {
        /** @description The version that was read, in quotes. */
        'If-Match': string;
      };
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['AfterClassDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SavedDto'];
        };
      };
      409: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ProblemDto'];
        };
      };
    };
  };
  'Class.restore': {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
    };
  };
}
