/** Courses: several weeks of one group, each week a sequence; and where a sequence is used. */
import { ask, withDemoHall } from './client.js';

withDemoHall();

const weeks = (count: number): string[] =>
  Array.from(
    { length: count },
    (_, i) => `# Tides, week ${i + 1}\nminutes: 30\n- Tree, ${i + 3} breaths each side`,
  );

interface Course {
  id: string;
  version: number;
  people: string[];
  weeks: { week: number; sequenceId: string; source: string; classes: string[] }[];
}
const someone = async (): Promise<string> =>
  ((await ask('people')).json as unknown as { id: string }[])[0]!.id;

async function made(more: object = {}): Promise<Course> {
  const { status, json } = await ask('courses', 'POST', {
    title: 'Tides',
    startsOn: '2026-12-03',
    time: '18:00',
    people: [await someone()],
    weeks: weeks(4),
    ...more,
  });
  expect([status, json]).toEqual([201, expect.anything()]);
  return (await ask(`courses/${String(json.id)}`)).json as unknown as Course;
}

test('each week is a sequence of the library, and says when it is taught', async () => {
  const course = await made();
  expect(course.weeks.map(({ week }) => week)).toEqual([1, 2, 3, 4]);
  const { sequenceId, source } = course.weeks[1]!;
  const person = course.people[0]!;
  const plan = {
    title: 'Tides, week 2',
    on: '2026-12-10',
    sequenceText: source,
    people: [{ id: person }],
    sequenceId,
  };
  const taught = await ask('classes', 'POST', plan);
  expect(taught.status).toBe(201);
  const again = (await ask(`courses/${course.id}`)).json as unknown as Course;
  expect(again.weeks.map(({ classes }) => classes)).toEqual([[], ['2026-12-10'], [], []]);
  expect((await ask(`sequences/${sequenceId}`)).json).toMatchObject({
    title: 'Tides, week 2',
    courseId: course.id,
    week: 2,
    uses: [{ id: taught.json.id, title: 'Tides, week 2', on: '2026-12-10' }],
  });
  // A class that is changed still knows where it began; one that is removed counts no more.
  const id = String(taught.json.id);
  expect((await ask(`classes/${id}`)).json.sequenceId).toBe(sequenceId);
  await ask(`classes/${id}`, 'DELETE');
  expect((await ask(`sequences/${sequenceId}`)).json.uses).toEqual([]);
});

test('who and when are changed on the version that was read; the weeks stay', async () => {
  const { id, version } = await made();
  const change = (read: number) =>
    ask(`courses/${id}`, 'PUT', { startsOn: '2027-01-07', people: [] }, { 'If-Match': `"${read}"` });
  expect((await change(version)).status).toBe(200);
  expect((await change(version)).status).toBe(409);
  expect((await ask(`courses/${id}`)).json).toMatchObject({ startsOn: '2027-01-07', people: [], version: 2 });
});

test('a course taken apart leaves its sequences', async () => {
  const { id, weeks: own } = await made();
  expect((await ask(`courses/${id}`, 'DELETE')).status).toBe(204);
  expect((await ask(`courses/${id}`)).status).toBe(404);
  expect((await ask(`sequences/${own[0]!.sequenceId}`)).json).toMatchObject({ courseId: null, week: null });
});

test.each([
  [{ weeks: weeks(3) }, 'A course has at least 4 weeks'],
  [{ weeks: weeks(13) }, 'A course has up to 12 weeks'],
  [{ startsOn: '2026-02-30' }, 'The first day is a real date'],
  [{ people: ['nobody'] }, ''],
  [{ title: '' }, 'A title is needed'],
])('%j is refused in words, and nothing is kept', async (more, says) => {
  const before = ((await ask('sequences')).json as unknown as unknown[]).length;
  const answer = await ask('courses', 'POST', {
    title: 'Tides',
    startsOn: '2026-12-03',
    people: [],
    weeks: weeks(4),
    ...more,
  });
  expect(answer.status).toBe(400);
  expect(JSON.stringify(answer.json)).toContain(says);
  expect(((await ask('sequences')).json as unknown as unknown[]).length).toBe(before);
});

test('a class counts as begun from the sequence that was saved from it, and its plan stays', async () => {
  const person = await someone();
  const plan = { title: 'Tides', on: '2026-12-10', sequenceText: weeks(1)[0], people: [{ id: person }] };
  const { id } = (await ask('classes', 'POST', plan)).json as { id: string };
  const before = (await ask(`classes/${id}`)).json;
  expect(before.sequenceId).toBeNull();
  const sequence = (await ask('sequences', 'POST', { source: plan.sequenceText })).json as { id: string };
  const link = (version: number) =>
    ask(`classes/${id}/sequence`, 'PUT', { sequenceId: sequence.id }, { 'If-Match': `"${version}"` });
  expect((await link(1)).status).toBe(200);
  expect((await link(1)).status).toBe(409);
  const after = (await ask(`classes/${id}`)).json;
  expect(after).toEqual({ ...before, sequenceId: sequence.id, version: 2 });
  expect((await ask(`sequences/${sequence.id}`)).json.uses).toMatchObject([{ id, on: '2026-12-10' }]);
  expect((await ask(`classes/${id}/sequence`, 'PUT', { sequenceId: 'nothing' })).status).toBe(400);
});
