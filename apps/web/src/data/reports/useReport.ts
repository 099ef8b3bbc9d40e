import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf, type ApiError } from '../client.js';
import { keys } from '../keys.js';

/** Of which classes a report is: those from one day to another, of one group where it is named. */
export interface ReportAsked {
  first: string;
  last: string;
  group?: string;
}

/** What was done in a period; the one before stays until the next is there. */
export const useReport = (asked: ReportAsked) =>
  useQuery<AnswerOf<'Report.one'>, ApiError>({
    queryKey: keys.report(asked),
    placeholderData: keepPreviousData,
    queryFn: () => answered<AnswerOf<'Report.one'>>(client.GET('/api/reports', { params: { query: asked } })),
  });
