/** The same saved by many at the same moment. */
import { read, send } from './target.mjs';

const MANY = 24;
const together = (one) => Promise.all(Array.from({ length: MANY }, (_, i) => one(i)));

/** @returns for each kind how many were kept, and how many answers were the server's fault */
export async function saveTogether({ base }) {
  const kinds = [];
  const take = (what, answers) =>
    kinds.push({
      what,
      kept: answers.filter(({ status }) => status < 300).length,
      failed: answers.filter(({ status }) => status >= 500 || status === 0).length,
    });
  take('one new name', await together(() => send(`${base}/people`, 'POST', { name: 'Together Once' })));
  const [{ id, name, version }] = JSON.parse(
    (await send(`${base}/people/find`, 'POST', { words: 'Together' })).text,
  );
  take(
    'one person',
    await together((i) =>
      send(`${base}/people/${id}`, 'PUT', { name, heightCm: 150 + i }, { 'If-Match': `"${version}"` }),
    ),
  );
  const [line] = await read(`${base}/classes`);
  const planned = await read(`${base}/classes/${line.id}`);
  const records = planned.people.map((person) => ({
    personId: person.id,
    came: true,
    changes: [],
    word: '',
  }));
  take(
    'one record',
    await together(() =>
      send(`${base}/classes/${line.id}/record`, 'PUT', { records }, { 'If-Match': `"${planned.version}"` }),
    ),
  );
  const hall = await read(`${base}/hall`);
  take(
    'one pace',
    await together((i) =>
      send(`${base}/hall/pace`, 'PUT', { pace: { breath: 4 + i / 10 } }, { 'If-Match': `"${hall.version}"` }),
    ),
  );
  return kinds;
}
