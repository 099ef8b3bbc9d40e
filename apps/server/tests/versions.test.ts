/** Two who save at once. */
import { ask, baseUrl, ifMatch, peopleByName, versionAt, withDemoHall, signedIn } from './client.js';

withDemoHall();

describe('two at once', () => {
  test.each([
    ['hall/house-view', { houseView: { 'disc-rotation': 'none' } }],
    ['hall/stock', { stock: { chair: 14 } }],
    ['hall/pace', { pace: {} }],
    ['hall/rules', { moved: [], own: [] }],
  ])(
    '%s: the second of two who read the same is told how it stands, and nothing is lost',
    async (path, body) => {
      const stale = await ifMatch(path);
      expect((await ask(path, 'PUT', body, stale)).status).toBe(200);
      const late = await ask(path, 'PUT', body, stale);
      const name = versionAt(path)![1];
      expect([late.status, late.json.current[name]]).toEqual([409, (await ask('hall')).json[name]]);
    },
  );
  test('people and classes too; the later one saves on what it was shown', async () => {
    const ids = await peopleByName();
    const { id } = (
      await ask('classes', 'POST', {
        title: 'Twice',
        on: '2026-12-09',
        sequenceText: '- Mountain, 3 breaths',
        people: [{ id: ids['Tam Orrin'] }],
      })
    ).json as { id: string };
    const plan = (text: string) => ({ sequenceText: text, choices: {} });
    const stale = await ifMatch(`classes/${id}/plan`);
    await ask(`classes/${id}/plan`, 'PUT', plan('- Tree, 3 breaths'), stale);
    const late = await ask(`classes/${id}/plan`, 'PUT', plan('- Bridge, 3 breaths'), stale);
    expect([late.status, late.json.current.sequenceText]).toEqual([409, '- Tree, 3 breaths']);
    expect((await ask(`classes/${id}`)).json.sequenceText).toBe('- Tree, 3 breaths');
    const shown = { 'If-Match': `"${late.json.current.version}"` };
    expect((await ask(`classes/${id}/plan`, 'PUT', plan('- Bridge, 3 breaths'), shown)).status).toBe(200);
    await ask(`classes/${id}`, 'DELETE');
    const person = `people/${ids['Tam Orrin']}`;
    const before = await ifMatch(person);
    expect((await ask(person, 'PUT', { name: 'Tam Orrin', heightCm: 180 }, before)).status).toBe(200);
    const second = await ask(person, 'PUT', { name: 'Tam Orrin', heightCm: 182 }, before);
    expect([second.status, second.json.current.heightCm]).toEqual([409, 180]);
  });
  test('a sequence too: the later of two is shown the other’s', async () => {
    const sent = (text: string) => ({ source: `# Tides\n- ${text}` });
    const { id, version } = (await ask('sequences', 'POST', sent('Tree, 3 breaths'))).json as {
      id: string;
      version: number;
    };
    const read = { 'If-Match': `"${version}"` };
    const first = await ask(`sequences/${id}`, 'PUT', sent('Bridge, 3 breaths'), read);
    expect([first.status, first.json.version]).toEqual([200, version + 1]);
    const late = await ask(`sequences/${id}`, 'PUT', sent('Boat, 3 breaths'), read);
    expect([late.status, late.json.current.source]).toEqual([409, '# Tides\n- Bridge, 3 breaths']);
    expect((await ask(`sequences/${id}`, 'PUT', sent('Boat, 3 breaths'))).status).toBe(428);
  });
  test('of ten at the same time one is kept', async () => {
    const stale = await ifMatch('hall/pace');
    const all = await Promise.all(
      Array.from({ length: 10 }, (_, i) => ask('hall/pace', 'PUT', { pace: { breath: 5 + i } }, stale)),
    );
    expect(all.map(({ status }) => status).sort()).toEqual([200, ...Array.from({ length: 9 }, () => 409)]);
    await ask('hall/pace', 'PUT', { pace: {} });
  });
  test.each([
    [{ 'If-Match': '7' }, 400],
    [{ 'If-Match': '' }, 400],
  ])('a version that cannot be read: %j', async (headers, status) => {
    expect((await ask('hall/pace', 'PUT', { pace: {} }, headers)).status).toBe(status);
  });
  test('saving without having read is refused', async () => {
    const response = await fetch(`${baseUrl()}/api/hall/pace`, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json', ...signedIn() },
      body: JSON.stringify({ pace: {} }),
    });
    expect(response.status).toBe(428);
  });
});
