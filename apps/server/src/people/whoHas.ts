import { Injectable } from '@nestjs/common';
import { LRUCache } from 'lru-cache';
import type { RequestContext } from '../common/context.js';
import { PersonRepository } from './person.repository.js';

/** So many halls' people are remembered at once. */
const HALLS_MOST = 50;
/** So many people are opened at a time. */
const OPENED_TOGETHER = 300;

interface Remembered {
  version: number;
  /** None where what is known of them cannot be read. */
  conditions?: ReadonlySet<string>;
}

/**
 * Who has which condition. In the database that is sealed, and nothing there tells one from another: it is looked up
 * in memory, where everybody is opened once a version.
 */
@Injectable()
export class WhoHas {
  private readonly halls = new LRUCache<string, Map<string, Remembered>>({ max: HALLS_MOST });

  constructor(private readonly people: PersonRepository) {}

  /** Who of the hall has one of some conditions: ids. */
  async oneOf(context: RequestContext, conditions: readonly string[]): Promise<string[]> {
    if (!conditions.length) return [];
    const known = await this.known(context);
    return [...known].flatMap(([id, one]) =>
      conditions.some((condition) => one.conditions?.has(condition)) ? [id] : [],
    );
  }

  /** The names of those of whom nothing can be read: its key is not here, or it was changed. */
  async unreadable(context: RequestContext): Promise<string[]> {
    const known = await this.known(context);
    const everybody = await this.people.everybody(context);
    return everybody.filter(({ id }) => !known.get(id)?.conditions).map(({ name }) => name);
  }

  private async known(context: RequestContext): Promise<ReadonlyMap<string, Remembered>> {
    const before = this.halls.get(context.hallId);
    const everybody = await this.people.everybody(context);
    const known = new Map<string, Remembered>();
    for (const { id, version } of everybody) {
      const one = before?.get(id);
      // What could not be read may be readable again.
      if (one?.version === version && one.conditions) known.set(id, one);
    }
    const unknown = everybody.filter(({ id }) => !known.has(id)).map(({ id }) => id);
    for (let from = 0; from < unknown.length; from += OPENED_TOGETHER)
      for (const { id, version, conditions } of await this.people.withIds(
        context,
        unknown.slice(from, from + OPENED_TOGETHER),
      ))
        known.set(id, { version, conditions: new Set(conditions.map(({ condition }) => condition)) });
    this.halls.set(context.hallId, known);
    return known;
  }
}
