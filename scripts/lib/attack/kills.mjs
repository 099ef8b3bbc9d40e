/** Hard kills while people write: what was acknowledged is there, once and whole. */
import { setTimeout as wait } from 'node:timers/promises';
import { read, send } from './target.mjs';

const WRITERS = 4;
/** How long they write between two kills, ms. */
const WRITE_FOR = 500;

/**
 * @param kill hurts the target and comes back when it may be asked again
 * @param times how often
 * @param name a word in every name that is written here
 * @returns how many were acknowledged, and how many of those are lost, doubled, or classes without their fitting
 */
export async function killWhileWriting({ base }, kill, times, name) {
  const acknowledged = [];
  let running = true;
  let number = 0;
  const coming = (await read(`${base}/people`)).slice(0, 2).map(({ id }) => ({ id }));
  const plan = { on: '2026-12-01', sequenceText: '- Tree, 5 breaths\n- Final rest, 2 min', people: coming };
  async function write() {
    while (running) {
      const mine = `${name} ${number++}`;
      const isClass = number % 5 === 0;
      const { status, text } = await (isClass
        ? send(`${base}/classes`, 'POST', { ...plan, title: mine })
        : send(`${base}/people`, 'POST', { name: mine }));
      if (status === 201) acknowledged.push({ name: mine, id: JSON.parse(text).id, isClass });
      else await wait(20);
    }
  }
  const writers = Array.from({ length: WRITERS }, write);
  for (let i = 0; i < times; i++) {
    await wait(WRITE_FOR * (0.5 + Math.random()));
    await kill();
  }
  running = false;
  await Promise.all(writers);
  for (let i = 0; i < 100 && (await send(`${base}/health`)).status !== 200; i++) await wait(100);

  const people = [];
  for (let from = 0, part; ; from += 300) {
    part = JSON.parse((await send(`${base}/people/find`, 'POST', { words: name, from, most: 300 })).text);
    people.push(...part);
    if (part.length < 300) break;
  }
  const names = new Set(people.map((one) => one.name));
  let lost = acknowledged.filter((one) => !one.isClass && !names.has(one.name)).length;
  let halfWritten = 0;
  for (const { id } of acknowledged.filter((one) => one.isClass)) {
    const { status, text } = await send(`${base}/classes/${id}`);
    if (status !== 200) lost++;
    else if (JSON.parse(text).fitting?.lanes.length !== coming.length) halfWritten++;
  }
  return { acknowledged: acknowledged.length, lost, doubled: people.length - names.size, halfWritten };
}
