import { useQuery } from '@tanstack/react-query';
import { answered, client, type AnswerOf } from '../client.js';
import { keys } from '../keys.js';
import type { StaffRole } from '../types.js';
import { useSaving } from '../useSaving.js';

export const useMembers = () =>
  useQuery({
    queryKey: keys.members,
    queryFn: () => answered<AnswerOf<'Member.list'>>(client.GET('/api/members')),
  });

export const useInvitations = () =>
  useQuery({
    queryKey: keys.invitations,
    queryFn: () => answered<AnswerOf<'Member.invitations'>>(client.GET('/api/members/invitations')),
  });

export const useInvite = () =>
  useSaving(
    (body: { name: string; role: StaffRole }) =>
      answered<AnswerOf<'Member.invite'>>(client.POST('/api/members/invitations', { body })),
    keys.invitations,
  );

export const useTakeBackInvitation = () =>
  useSaving(
    (id: string) => answered(client.DELETE('/api/members/invitations/{id}', { params: { path: { id } } })),
    keys.invitations,
  );

export const useChangeRole = () =>
  useSaving(
    ({ id, role }: { id: string; role: StaffRole }) =>
      answered(client.PUT('/api/members/{id}/role', { params: { path: { id } }, body: { role } })),
    keys.members,
    keys.session,
  );

export const useResetMember = () =>
  useSaving((id: string) =>
    answered<AnswerOf<'Member.reset'>>(client.POST('/api/members/{id}/reset', { params: { path: { id } } })),
  );

export const useRemoveMember = () =>
  useSaving(
    (id: string) => answered(client.DELETE('/api/members/{id}', { params: { path: { id } } })),
    keys.members,
  );
