/** The demo hall. */
import { TODAY, ask, start, withDemoHall } from './client.js';

withDemoHall();

describe('the demo hall', () => {
  test('has its five classes this week, each with a fitting', async () => {
    const { json } = await ask('classes');
    expect(json.map((item: { title: string }) => item.title).sort()).toEqual([
      'Bump and Breathe',
      'Chairs by the Window',
      'Rockpool Club',
      'Steady Backs',
      'Thursday Mixed',
    ]);
    for (const item of json as { id: string; on: string; people: number }[]) {
      expect(item.on >= TODAY && item.on <= '2026-11-29').toBe(true);
      const { json: whole } = await ask(`classes/${item.id}`);
      expect(whole.fitting.lanes).toHaveLength(item.people);
      expect(
        whole.fitting.lanes
          .flatMap(
            (lane: {
              steps: { findings: { on: string; level: string; met: boolean }[]; verdict: string }[];
            }) => lane.steps,
          )
          .filter((step: { verdict: string }) => step.verdict !== 'rest')
          .flatMap((step: { findings: { on: string; level: string; met: boolean }[] }) => step.findings)
          .filter(
            (finding: { on: string; level: string; met: boolean }) =>
              finding.on === 'chosen' && finding.level === 'limit' && !finding.met,
          ),
      ).toEqual([]);
    }
  });
  test('is loaded once: a second start keeps what is there', async () => {
    await start('once', '2027-05-05');
    expect((await ask('classes')).json).toHaveLength(5);
  });
});
