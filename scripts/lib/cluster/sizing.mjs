/** What a hall costs: time of a processor for each thing it does, and room for what it keeps. */
import { readFileSync } from 'node:fs';
import { setTimeout as wait } from 'node:timers/promises';
import { send } from '../attack/target.mjs';

/** Ticks of a processor's time in a second, as Linux counts them for everyone. */
const TICKS = 100;
const TIMES = 400;
/** What is used without any request is measured for, ms. */
const RESTS = 5000;
const PEOPLE = 12;
/** Twelve people, twelve steps: an ordinary class. */
const PLAN = [
  'Easy seat, 2 min',
  'Cat-cow, 6 rounds',
  'Downward dog, 5 breaths',
  "Child's pose, 1 min",
  'Mountain, 5 breaths',
  'Tree, 5 breaths each side',
  'Warrior 2, 5 breaths each side',
  'Triangle, 5 breaths each side',
  'Bridge, 5 breaths',
  'Supine twist, 5 breaths each side',
  'Legs up the wall, 3 min',
  'Final rest, 5 min',
]
  .map((line) => `- ${line}`)
  .join('\n');

/** Seconds of processor that a process has had, its threads with it. */
function secondsOf(pid) {
  const words = readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ').pop().split(' ');
  return (Number(words[11]) + Number(words[12])) / TICKS;
}

/** Bytes of all tables on one node. */
async function bytesOf(askDatabase) {
  const [{ bytes }] = await askDatabase(
    'SELECT SUM(data_length + index_length) AS bytes FROM information_schema.tables WHERE table_schema = DATABASE()',
  );
  return Number(bytes);
}

/**
 * Does each thing many times, one after another, in one hall.
 *
 * @param headers of a hall
 * @param pids of all processes that work for it, on all machines
 * @param askDatabase runs SQL on one node
 * @returns ms of processor for each kind of request, all nodes' work with it; bytes of a class, on one node
 */
export async function measure(base, headers, pids, askDatabase) {
  const used = () => pids.reduce((sum, pid) => sum + secondsOf(pid), 0);
  // They say to each other that they are there, also where nobody asks for anything.
  const resting = used();
  await wait(RESTS);
  const idle = (used() - resting) / RESTS;
  const cpuMs = {};
  async function time(kind, times, work) {
    const before = used();
    const since = performance.now();
    for (let i = 0; i < times; i++) await work(i);
    cpuMs[kind] = ((used() - before - idle * (performance.now() - since)) / times) * 1000;
  }
  const ask = async (path, method, body, more = {}) => {
    const { status, text } = await send(base + path, method, body, { ...headers, ...more });
    if (status >= 300) throw new Error(`${method} ${path} was answered ${status}.`);
    return text ? JSON.parse(text) : undefined;
  };
  const people = [];
  for (let i = 0; i < PEOPLE; i++) {
    const { id } = await ask('/people', 'POST', { name: `Sized ${i}`, heightCm: 150 + 3 * i });
    people.push({ id });
  }
  const [{ id }] = people;
  // What is not compiled yet is not what it costs.
  for (let i = 0; i < 100; i++) await ask(`/people/${id}`, 'GET');
  await time('a read', TIMES, () => ask(`/people/${id}`, 'GET'));
  await time('a person saved', TIMES, (i) =>
    ask(`/people/${id}`, 'PUT', { name: 'Sized 0', heightCm: 150 }, { 'If-Match': `"${i + 1}"` }),
  );
  const plan = { title: 'Sized', on: '2026-12-02', sequenceText: PLAN, people };
  // The thread that fits has read the catalogue.
  await ask('/classes', 'POST', plan);
  const empty = await bytesOf(askDatabase);
  await time('a class planned and saved', TIMES, () => ask('/classes', 'POST', plan));
  return { cpuMs, classBytes: ((await bytesOf(askDatabase)) - empty) / TIMES };
}
