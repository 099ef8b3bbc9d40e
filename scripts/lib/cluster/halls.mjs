/** Halls that work as halls do: read, save people, plan classes; and remember what was acknowledged. */
import { randomUUID } from 'node:crypto';
import { setTimeout as wait } from 'node:timers/promises';
import { NO_HALL_RULES } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { hallToken } from '../../../apps/server/dist/halls/hallTokens.js';
import { send } from '../attack/target.mjs';

/** People of each hall to begin with. */
const PEOPLE = 6;
/** Between one thing done in a hall and the next, on average, ms. */
const PAUSE = 2000;
/** A change that is not acknowledged is sent again after, ms. */
const AGAIN_AFTER = 250;
/** And given up after, ms. */
const GIVEN_UP_AFTER = 60_000;
const PLAN = '- Tree, 5 breaths\n- Final rest, 2 min';

const quoted = (value) =>
  `'${(typeof value === 'string' ? value : JSON.stringify(value)).replace(/['\\]/g, '\\$&')}'`;

/** Puts halls without anybody in them into a database. @returns their ids */
async function makeHalls(ask, count) {
  const ids = Array.from({ length: count }, () => randomUUID());
  const rows = ids.map((id, i) => {
    const json = [RULEBOOK.usualHouseView, {}, NO_HALL_RULES, {}].map(quoted);
    return `('${id}', 'Hall ${i + 1}', '', 'Europe/London', ${json.join()}, 1, 1, NOW(), NOW())`;
  });
  await ask(
    'INSERT INTO halls (id, name, teacher, timeZone, houseView, stock, rules, pace, version, stockVersion, ' +
      `createdAt, updatedAt) VALUES ${rows.join()}`,
  );
  return ids;
}

/**
 * @param base where the proxy answers
 * @param ask runs SQL in the database
 * @param count how many
 * @param hallKey the secret of their tokens
 */
export async function openHalls(base, ask, count, hallKey) {
  const [spareId, ...ids] = await makeHalls(ask, count + 1);
  const writes = [];
  const reads = [];
  let stale = 0;
  let refused = 0;

  class Hall {
    constructor(id) {
      this.headers = { Authorization: `Bearer ${hallToken(id, hallKey)}` };
      /** What was acknowledged: people by id, and how often each title was. */
      this.people = new Map();
      this.titles = new Set();
      this.made = 0;
    }

    /** A change, sent under one key until it is acknowledged. @returns what was answered; undefined where refused */
    async change(path, method, body, more = {}) {
      const headers = { ...this.headers, ...more, 'Idempotency-Key': randomUUID() };
      const since = performance.now();
      for (let tries = 1; ; tries++) {
        const { status, text } = await send(base + path, method, body, headers);
        const took = performance.now() - since;
        const isLost = status === 0 || status >= 500;
        if (isLost && took < GIVEN_UP_AFTER) {
          await wait(AGAIN_AFTER);
          continue;
        }
        writes.push({
          at: since,
          took,
          tries,

          isDone: status < 300 && status > 0,
        });
        if (status > 0 && status < 300) return text ? JSON.parse(text) : {};
        refused++;
        return undefined;
      }
    }

    /** Reads once; what is not answered counts. */
    async read(path) {
      const since = performance.now();
      const { status, text } = await send(base + path, 'GET', undefined, this.headers);
      const isDone = status === 200;
      reads.push({ at: since, took: performance.now() - since, isDone });
      return isDone ? JSON.parse(text) : undefined;
    }

    async addPerson() {
      const name = `Guest ${++this.made}`;
      const saved = await this.change('/people', 'POST', { name, heightCm: 165 });
      if (saved) this.people.set(saved.id, { name, version: saved.version, heightCm: 165 });
    }

    async changePerson() {
      const all = [...this.people];
      const [id, known] = all[Math.floor(Math.random() * all.length)];
      const heightCm = 140 + Math.floor(Math.random() * 50);
      const headers = { 'If-Match': `"${known.version}"` };
      const saved = await this.change(`/people/${id}`, 'PUT', { name: known.name, heightCm }, headers);
      if (saved) this.people.set(id, { ...known, heightCm, version: saved.version });
    }

    async planClass() {
      const title = `Class ${++this.made}`;
      const people = [...this.people.keys()].slice(0, 3).map((id) => ({ id }));
      const saved = await this.change('/classes', 'POST', {
        title,
        on: '2026-12-01',
        sequenceText: PLAN,
        people,
      });
      if (saved) this.titles.add(title);
    }

    async readPerson() {
      const all = [...this.people];
      const [id, { version }] = all[Math.floor(Math.random() * all.length)];
      const read = await this.read(`/people/${id}`);
      if (read && read.version !== version) stale++;
    }

    /** One thing after another until it is closed. */
    async work(isOpen) {
      await wait(Math.random() * PAUSE);
      while (isOpen()) {
        const dice = Math.random();
        if (dice < 0.3) await this.readPerson();
        else if (dice < 0.5) await this.read('/people');
        else if (dice < 0.65) await this.read('/classes');
        else if (dice < 0.87) await this.changePerson();
        else if (dice < 0.96) await this.addPerson();
        else await this.planClass();
        await wait(PAUSE * (0.5 + Math.random()));
      }
    }

    /** What of all that was acknowledged one server does not have, or has twice. */
    async missing(where) {
      const get = async (path) => JSON.parse((await send(where + path, 'GET', undefined, this.headers)).text);
      const people = [];
      for (let from = 0, part; from === 0 || part.length === 100; from += 100) {
        part = await get(`/people?from=${from}&most=100`);
        people.push(...part);
      }
      const classes = await get('/classes?most=300');
      const byId = new Map(people.map((person) => [person.id, person]));
      const isThere = ([id, { version, heightCm }]) =>
        byId.get(id)?.version === version && byId.get(id)?.heightCm === heightCm;
      const titles = new Set(classes.map(({ title }) => title));
      return {
        lost:
          [...this.people].filter((one) => !isThere(one)).length +
          [...this.titles].filter((title) => !titles.has(title)).length,
        doubled: people.length - new Set(people.map(({ name }) => name)).size + classes.length - titles.size,
        unasked: people.length - this.people.size + titles.size - this.titles.size,
      };
    }
  }

  const halls = ids.map((id) => new Hall(id));
  /** Does something in all halls, some at a time. */
  async function inAll(work) {
    const left = [...halls];
    const one = async () => {
      for (let hall = left.pop(); hall; hall = left.pop()) await work(hall);
    };
    await Promise.all(Array.from({ length: 12 }, one));
  }
  await inAll(async (hall) => {
    for (let i = 0; i < PEOPLE; i++) await hall.addPerson();
    await hall.planClass();
  });

  return {
    /** One that does not work with the others. */
    spare: new Hall(spareId),
    writes,
    reads,
    counts: () => ({ stale, refused }),
    /** Lets all halls work until it is told to close them. @returns how to */
    open() {
      let isOpen = true;
      const working = halls.map((hall) => hall.work(() => isOpen));
      return async () => {
        isOpen = false;
        await Promise.all(working);
      };
    },
    /** Compares what was acknowledged with what one server answers. */
    async missing(where) {
      const all = { lost: 0, doubled: 0, unasked: 0 };
      await inAll(async (hall) => {
        const found = await hall.missing(where);
        for (const kind of Object.keys(all)) all[kind] += found[kind];
      });
      return all;
    },
  };
}
