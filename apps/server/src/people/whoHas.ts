import { Injectable } from '@nestjs/common';
import { LRUCache } from 'lru-cache';
import type { RequestContext } from '../common/context.js';
import type { PersonLineDto } from './person.dto.js';
import type { Known } from './personLog.js';
import { PersonRepository } from './person.repository.js';

/** So many halls' people are remembered at once. */
const HALLS_MOST = 50;
/** So many people are opened at a time. */
const OPENED_TOGETHER = 300;

interface Remembered {
  version: number;
  conditions: ReadonlySet<string>;
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
      conditions.some((condition) => one.conditions.has(condition)) ? [id] : [],
    );
  }

  /** The names of those of whom nothing can be read: its key is not here, or it was changed. */
  async unreadable(context: RequestContext): Promise<string[]> {
    const everybody = await this.people.everybody(context);
    const readable = new Set<string>();
    for await (const { id } of this.opened(context, everybody)) readable.add(id);
    return everybody.filter(({ id }) => !readable.has(id)).map(({ name }) => name);
  }

  /** Everybody of the hall who can be read, in no order. */
  async everybody(context: RequestContext): Promise<PersonLineDto[]> {
    const all: PersonLineDto[] = [];
    for await (const line of this.opened(context, await this.people.everybody(context))) all.push(line);
    return all;
  }

  private async known(context: RequestContext): Promise<ReadonlyMap<string, Remembered>> {
    const before = this.halls.get(context.hallId);
    const everybody = await this.people.everybody(context);
    const known = new Map<string, Remembered>();
    for (const { id, version } of everybody) {
      const one = before?.get(id);
      if (one?.version === version) known.set(id, one);
    }
    const unknown = everybody.filter(({ id }) => !known.has(id));
    for await (const { id, version, conditions } of this.opened(context, unknown))
      known.set(id, { version, conditions: new Set(conditions.map(({ condition }) => condition)) });
    this.halls.set(context.hallId, known);
    return known;
  }

  /** Those of some people who can be read. */
  private async *opened(context: RequestContext, people: readonly Known[]): AsyncGenerator<PersonLineDto> {
    for (let from = 0; from < people.length; from += OPENED_TOGETHER)
      yield* await this.people.withIds(
        context,
        people.slice(from, from + OPENED_TOGETHER).map(({ id }) => id),
      );
  }
}
