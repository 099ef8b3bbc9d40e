import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import { useSaving } from '../useSaving.js';

export const useNetwork = () =>
  useQuery({
    queryKey: keys.network,
    queryFn: () => answered<AnswerOf<'Network.status'>>(client.GET('/api/network')),
  });

export const useSwitchNetwork = () =>
  useSaving((isOn: boolean) => answered(client.PUT('/api/network', { body: { isOn } })), keys.network);
