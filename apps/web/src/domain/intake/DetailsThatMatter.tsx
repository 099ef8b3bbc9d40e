import { useMemo, type ComponentProps } from 'react';
import { today } from '../../data/today.js';
import type { PersonLine } from '../../data/types.js';
import { useMatters } from '../../workers/useWork.js';
import { stagesToday } from '../person/personWords.js';
import { useStaging } from '../person/useStaging.js';
import { DetailsFields } from './DetailsFields.js';

/** The details with what each answer changes, and what they come to today. @param line with what is typed so far */
export function DetailsThatMatter({
  line,
  ...fields
}: Pick<ComponentProps<typeof DetailsFields>, 'form' | 'wrong'> & { line: PersonLine }) {
  const staging = useStaging(today());
  const { data } = useMatters(line, staging);
  const stages = useMemo(() => stagesToday(line, staging), [line, staging]);
  return <DetailsFields {...fields} line={line} {...(data ? { matters: data } : {})} stages={stages} />;
}
