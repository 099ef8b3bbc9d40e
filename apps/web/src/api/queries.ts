import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type {
  Choices,
  Clearance,
  Comparison,
  Fitting,
  HallRules,
  HouseView,
  OwnLimit,
  OwnVariant,
  Pace,
  PropTask,
  Today,
} from '@lotus-steady/core';
import { showOwn } from '../catalogue.js';
import { call } from './client.js';
import { planKept } from './keepPlan.js';

export interface Studio {
  name: string;
  teacher: string;
  houseView: HouseView;
  stock: Record<string, number>;
  rules: HallRules;
  pace: Partial<Pace>;
}
export interface ClassLine {
  id: string;
  title: string;
  on: string;
  time: string | null;
  place: string | null;
  people: number;
  recorded: boolean;
}
export interface StepChange {
  step: number;
  what: 'eased' | 'stopped';
}
export interface RecordEntry {
  personId: string;
  came: boolean;
  painBefore: number | null;
  painAfter: number | null;
  changes: StepChange[];
  word: string;
}
export interface ClassWhole {
  id: string;
  title: string;
  on: string;
  time: string | null;
  place: string | null;
  sequenceText: string;
  houseView: HouseView;
  choices: Choices;
  fitting: Fitting;
  people: { id: string; name: string; today: Today }[];
  records: RecordEntry[];
}
/** What a class is fitted from today: enough to fit it again on the page. */
export interface ClassInputs {
  on: string;
  people: (WrittenPerson & { today: Today })[];
  houseView: HouseView;
  hall: HallRules;
  pace: Partial<Pace>;
  stock?: Record<string, number>;
}
/** A person as written: what the short form edits. */
export interface WrittenPerson {
  name: string;
  born?: string;
  sex?: 'woman' | 'man';
  heightCm?: number;
  weightKg?: number;
  can: { stand: boolean; floor: boolean; kneel: boolean };
  ranges: Record<string, number>;
  screening: Record<string, number>;
  conditions: (Record<string, unknown> & { condition: string })[];
  limits: readonly OwnLimit[];
  clearances: readonly Clearance[];
}
export interface PersonLine extends WrittenPerson {
  id: string;
}
export interface PersonWhole extends PersonLine {
  records: {
    classId: string;
    title: string;
    on: string;
    came: boolean;
    painBefore: number | null;
    painAfter: number | null;
    changes: StepChange[];
    word: string;
  }[];
  propNotes: PropNote[];
}
/** A prop height that worked for someone. */
export interface PropNote {
  task: PropTask;
  heightCm: number;
  words: string;
  on: string;
}
/** An own variant as kept, with its key in the database. */
export interface KeptVariant extends OwnVariant {
  key: string;
}
export type OwnDraft = Pick<OwnVariant, 'name' | 'pose' | 'poseName' | 'base' | 'after' | 'angles'>;
export interface SequenceLine {
  id: string;
  title: string;
  source: string;
}
export interface ClassDraft {
  title: string;
  on: string;
  time?: string;
  place?: string;
  sequenceText: string;
  people: { id: string; today?: Today }[];
  houseView?: Record<string, string>;
  choices?: Choices;
}

/**
 * Reads the hall, which is done before the first screen is drawn: a screen that did not know it would judge
 * by what is usual and keep that over what the hall decided.
 */
export const useReadStudio = () => useQuery({ queryKey: ['studio'], queryFn: () => call<Studio>('studio') });
export const useStudio = (): Studio => useReadStudio().data!;
/** The hall's house view. */
export const useHouseView = (): HouseView => useStudio().houseView;
/** What the hall changes about the rulebook. */
export const useHallRules = (): HallRules => useStudio().rules;
export const useClasses = () =>
  useQuery({ queryKey: ['classes'], queryFn: () => call<ClassLine[]>('classes') });
/** @param wanted false once a screen has what it needs */
export const useClass = (id: string, wanted = true) =>
  useQuery({
    queryKey: ['classes', id],
    enabled: wanted,
    queryFn: async () => {
      await planKept(id);
      return call<ClassWhole>(`classes/${id}`);
    },
  });
export const useClassInputs = (id: string) =>
  useQuery({
    queryKey: ['classes', id, 'inputs'],
    staleTime: 0,
    queryFn: () => call<ClassInputs>(`classes/${id}/inputs`),
  });
/** What would differ if the class were fitted today. */
export const useRecheck = (id: string) =>
  useQuery({
    queryKey: ['classes', id, 'recheck'],
    staleTime: 0,
    queryFn: async () => {
      await planKept(id);
      return call<Comparison>(`classes/${id}/recheck`);
    },
  });
export const usePeople = () =>
  useQuery({ queryKey: ['people'], queryFn: () => call<PersonLine[]>('people') });
export const usePerson = (id: string) =>
  useQuery({ queryKey: ['people', id], queryFn: () => call<PersonWhole>(`people/${id}`) });
export const useSequences = () =>
  useQuery({ queryKey: ['sequences'], queryFn: () => call<SequenceLine[]>('sequences') });

/** The hall's own variants; reading them puts them on the ladders. */
export const useOwnVariants = () =>
  useQuery({
    queryKey: ['own-variants'],
    staleTime: Infinity,
    queryFn: async () => {
      const own = await call<KeptVariant[]>('own-variants');
      showOwn(own);
      return own;
    },
  });

export const useFit = () =>
  useMutation({
    mutationFn: ({ on, sequenceText, people, houseView }: ClassDraft) =>
      call<Fitting>('classes/fit', 'POST', { on, sequenceText, people, houseView }),
  });

/** Keeps something and lets the lists that show it be read again. */
function useSave<In, Out = { id: string }>(save: (input: In) => Promise<Out>, ...keys: string[]) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: save,
    onSuccess: () => Promise.all(keys.map((key) => client.invalidateQueries({ queryKey: [key] }))),
  });
}
export const useSaveClass = (id?: string) =>
  useSave(
    (draft: ClassDraft) => call<{ id: string }>(id ? `classes/${id}` : 'classes', id ? 'PUT' : 'POST', draft),
    'classes',
  );
export const useDeleteClass = () =>
  useSave((id: string) => call<void>(`classes/${id}`, 'DELETE'), 'classes', 'people');
export const useSavePerson = (id?: string) =>
  useSave(
    (person: WrittenPerson) =>
      call<{ id: string }>(id ? `people/${id}` : 'people', id ? 'PUT' : 'POST', person),
    'people',
  );
export const useDeletePerson = () =>
  useSave((id: string) => call<void>(`people/${id}`, 'DELETE'), 'people', 'classes');
export const useSaveRecord = (id: string) =>
  useSave(
    (records: RecordEntry[]) => call<void>(`classes/${id}/record`, 'PUT', { records }),
    'classes',
    'people',
  );
export const useKeepProp = (id: string) =>
  useSave((note: PropNote) => call<void>(`people/${id}/props`, 'PUT', note), 'people');
export const useSaveOwnVariant = () =>
  useSave((draft: OwnDraft) => call<{ id: string }>('own-variants', 'POST', draft), 'own-variants');
export const useDeleteOwnVariant = () =>
  useSave((key: string) => call<void>(`own-variants/${key}`, 'DELETE'), 'own-variants');
/**
 * Takes a position at once, so that two quick choices both count, in their order; what the server does not
 * take goes back.
 */
export function useKeepHouseView() {
  const client = useQueryClient();
  const key = ['studio', 'house-view'];
  return useMutation({
    mutationKey: key,
    scope: { id: key.join() },
    mutationFn: (houseView: HouseView) => call<void>('studio/house-view', 'PUT', { houseView }),
    // A reading under way is of before this choice.
    onMutate: async (houseView) => {
      await client.cancelQueries({ queryKey: ['studio'] });
      client.setQueryData<Studio>(['studio'], (now) => now && { ...now, houseView });
    },
    onSettled: () =>
      client.isMutating({ mutationKey: key }) > 1
        ? undefined
        : client.invalidateQueries({ queryKey: ['studio'] }),
  });
}
export const useKeepStock = () =>
  useSave(
    (stock: Record<string, number>) => call<void>('studio/stock', 'PUT', { stock }),
    'studio',
    'classes',
  );
export const useKeepPace = () =>
  useSave((pace: Partial<Pace>) => call<void>('studio/pace', 'PUT', { pace }), 'studio', 'classes');
export const useKeepHallRules = () =>
  useSave((rules: HallRules) => call<void>('studio/rules', 'PUT', rules), 'studio');
