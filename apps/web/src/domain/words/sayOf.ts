import { sayHeld, type InFlow } from '@lotus-steady/core';

const BREATHED = { in: 'breathing in', out: 'breathing out' } as const;

/**
 * What a step's line says beside its pose; of a shape of a flow, the breath that leads into it and how long one stays.
 *
 * @example sayOf({ text: 'Tree, 5 breaths each side' }) // '5 breaths each side'
 */
export function sayOf({ text, flow }: { text: string; flow?: InFlow }): string {
  const beside = text.replace(/^[^,]*,?\s*/, '');
  if (!flow) return beside;
  const stays = flow.breaths >= 1 ? sayHeld({ breaths: flow.breaths, seconds: 0 }) : '';
  return [flow.on ? BREATHED[flow.on] : '', stays, beside].filter(Boolean).join(' · ');
}
