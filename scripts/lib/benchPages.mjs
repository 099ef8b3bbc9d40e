/**
 * What a first visit fetches and how soon it answers, in Debian's Chromium on a processor four times slower; and
 * what server and page hold in memory after a fitting of thirty steps and twenty-four people.
 */
import { readFileSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { CHROMIUM } from './chromium.mjs';
import { signInToDemo } from './demoTeacher.mjs';
import { startDemoServer } from './demoServer.mjs';

const SLOWER = 4;

/** The quickest of five visits, each with an empty cache: what else runs on a machine only makes them slower. */
async function visitAnew(browser, url, stands) {
  const visits = [];
  for (let i = 0; i < 5; i++) visits.push(await visit(browser, url, stands));
  return visits.sort((a, b) => a.readyMs - b.readyMs)[0];
}

/**
 * Told by the page itself, in milliseconds since it was asked for: what is waited for stands, is painted, and
 * nothing keeps the page from answering. Whatever looks from outside would be measured with it.
 *
 * @param stands an expression that is true once what is waited for is there
 */
const whenReady = (stands) => `
  window.benchReady = new Promise((resolve) => {
    const look = () => {
      if (${stands}) requestAnimationFrame(() => setTimeout(() => resolve(performance.now())));
      else setTimeout(look, 20);
    };
    look();
  });`;

/** What a page has answered to {@link whenReady}; asked again where the page was not there yet. */
async function readyMsOf(session) {
  for (;;) {
    const { result } = await session.send('Runtime.evaluate', {
      expression: 'window.benchReady',
      awaitPromise: true,
      returnByValue: true,
    });
    if (typeof result.value === 'number') return Math.round(result.value);
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
}

/** A page with an empty cache, on which the demo's teacher is signed in. */
async function teachersPage(browser, url, height = 800) {
  const context = await browser.newContext({ viewport: { width: 1280, height } });
  await context.request.post(new URL('/api/session/demo', url).href);
  return context.newPage();
}

/** Opens an address with an empty cache. */
async function visit(browser, url, stands) {
  const page = await teachersPage(browser, url);
  const context = page.context();
  const session = await context.newCDPSession(page);
  const kinds = new Map();
  const bytes = { script: 0, all: 0 };
  await session.send('Network.enable');
  await session.send('Page.enable');
  await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
  await session.send('Page.addScriptToEvaluateOnNewDocument', { source: whenReady(stands) });
  session.on('Network.responseReceived', ({ requestId, type }) => kinds.set(requestId, type));
  session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    bytes.all += encodedDataLength;
    if (kinds.get(requestId) === 'Script') bytes.script += encodedDataLength;
  });
  await session.send('Page.navigate', { url });
  const readyMs = await readyMsOf(session);
  const paintMs = await page.evaluate(
    () => performance.getEntriesByName('first-contentful-paint')[0].startTime,
  );
  await page.waitForLoadState('networkidle');
  await page.waitForTimeout(1500);
  await context.close();
  return {
    readyMs,
    paintMs: Math.round(paintMs),
    scriptKb: Math.round(bytes.script / 1000),
    allKb: Math.round(bytes.all / 1000),
  };
}

/** Bytes that a process holds, in megabytes. */
const residentMb = (pid) =>
  Math.round(Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))[1]) / 1000);

/** What the worker's heap holds once it has fitted a class for the page, in megabytes, garbage collected. */
async function workerHeapMb(browser, url) {
  const page = await teachersPage(browser, url);
  const session = await page.context().newCDPSession(page);
  // Not the one that draws.
  const attached = new Promise((resolve) =>
    session.on('Target.attachedToTarget', (target) => {
      if (!/easel/i.test(target.targetInfo.url)) resolve(target);
    }),
  );
  await session.send('Target.setAutoAttach', {
    autoAttach: true,
    waitForDebuggerOnStart: false,
    flatten: false,
  });
  await page.goto(url);
  const { sessionId } = await attached;
  let sent = 0;
  /** Asks the worker; its answers come back as messages of its session. */
  const ask = (method) =>
    new Promise((resolve) => {
      const id = ++sent;
      const listen = ({ sessionId: from, message }) => {
        const answer = JSON.parse(message);
        if (from !== sessionId || answer.id !== id) return;
        session.off('Target.receivedMessageFromTarget', listen);
        resolve(answer.result);
      };
      session.on('Target.receivedMessageFromTarget', listen);
      void session.send('Target.sendMessageToTarget', { sessionId, message: JSON.stringify({ id, method }) });
    });
  // An edit makes the worker fit the class itself.
  await page.locator('[data-cell]').first().waitFor();
  await page.locator('main').getByRole('checkbox', { name: 'Fewer versions in the room' }).check();
  await page.getByText('All changes saved').waitFor();
  await ask('HeapProfiler.collectGarbage');
  const { usedSize, backingStorageSize = 0 } = await ask('Runtime.getHeapUsage');
  await page.context().close();
  return Math.round((usedSize + backingStorageSize) / 1e6);
}

/** How often a figure of 480 units that plays is painted, a second, on this machine as it is. */
async function framesPerSecond(browser, url) {
  const page = await teachersPage(browser, url, 900);
  await page.goto(url);
  await page.getByRole('button', { name: 'Play the movement' }).click();
  const painted = async () => Number(await page.locator('canvas').getAttribute('data-painted'));
  await page.waitForTimeout(2500);
  const before = await painted();
  await page.waitForTimeout(4000);
  const after = await painted();
  await page.context().close();
  return Math.round((after - before) / 4);
}

/** In class, in a movement: how often a second the pacer is drawn, and the figure, on this machine as it is. */
async function taughtPerSecond(browser, base) {
  const page = await teachersPage(browser, `${base}/classes`);
  const classes = await (await page.request.get(`${base}/api/classes?when=coming`)).json();
  await page.goto(`${base}/classes/${classes.find(({ title }) => title === 'Steady Backs').id}/teach`);
  while (!(await page.getByRole('heading', { name: 'Cat and cow' }).isVisible()))
    await page.getByRole('button', { name: 'Next' }).click();
  await page.getByRole('button', { name: 'Start' }).click();
  await page.locator('main canvas[data-painted]').waitFor();
  await page.waitForTimeout(2500);
  const drawn = await page.evaluate(
    (seconds) =>
      new Promise((resolve) => {
        const pacer = document.querySelector('[data-pacer]');
        const painted = () => Number(document.querySelector('main canvas').dataset.painted);
        const [began, before] = [performance.now(), painted()];
        let [pacerDrawn, last] = [0, ''];
        const look = () => {
          if (pacer.style.transform !== last) pacerDrawn++;
          last = pacer.style.transform;
          if (performance.now() - began < seconds * 1000) return requestAnimationFrame(look);
          resolve({ pacer: pacerDrawn / seconds, figure: (painted() - before) / seconds });
        };
        look();
      }),
    4,
  );
  await page.context().close();
  return { pacer: Math.round(drawn.pacer), figure: Math.round(drawn.figure) };
}

/** The middle of nine answers, milliseconds. */
async function answerMs(url, headers) {
  const took = [];
  for (let i = 0; i < 9; i++) {
    const began = performance.now();
    await (await fetch(url, { headers })).text();
    took.push(performance.now() - began);
  }
  return Math.round(took.sort((a, b) => a - b)[4]);
}

/** So long she looks at a page, and for a name in the list; what is worked out for the one is then done. */
const LOOKED_MS = 2000;

/**
 * How soon somebody's page stands after it was chosen from the list, her last classes on it, milliseconds: the middle
 * of five times. The page of somebody else was open before, so that the screen itself is there.
 */
async function pageMs(browser, base, id) {
  const page = await teachersPage(browser, `${base}/people`);
  const stands = (link) =>
    link.evaluate(
      (element) =>
        new Promise((resolve) => {
          const name = element.textContent;
          const began = performance.now();
          element.click();
          const look = () => {
            const past = [...document.querySelectorAll('h2')].find(
              (heading) => heading.textContent === 'Class history',
            );
            const isThere =
              document.querySelector('h1')?.textContent === name && past?.parentElement.querySelector('td');
            if (isThere) requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - began)));
            else setTimeout(look, 5);
          };
          look();
        }),
    );
  const took = [];
  for (let i = 0; i < 5; i++) {
    await page.goto(`${base}/people`);
    await stands(
      page.locator(`main a[href^="/people/"]:not([href="/people/${id}"])`).filter({ hasText: 'Old' }).first(),
    );
    await page.waitForTimeout(LOOKED_MS);
    await page.goBack();
    await page.waitForTimeout(LOOKED_MS);
    took.push(await stands(page.locator(`a[href="/people/${id}"]`).first()));
  }
  await page.context().close();
  return Math.round(took.sort((a, b) => a - b)[2]);
}

/**
 * A hall of years: what it takes to answer and to show the page of somebody who came twice a week, and a report.
 *
 * @param fill fills the hall with copies of a class that was recorded, and says who came twice a week
 */
export async function measureYears(fill) {
  const { base, databaseUrl, keys, stop } = await startDemoServer();
  const browser = await chromium.launch(CHROMIUM);
  try {
    const headers = await signInToDemo(base);
    const read = async (path) => (await fetch(`${base}/api/${path}`, { headers })).json();
    const { id } = (await read('classes')).find(({ title }) => title === 'Steady Backs');
    const { people, version } = await read(`classes/${id}`);
    await fetch(`${base}/api/classes/${id}/record`, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json', 'If-Match': `"${version}"`, ...headers },
      body: JSON.stringify({
        records: people.map((one) => ({
          ...{ personId: one.id, came: true, painBefore: 4, painAfter: 3, effort: 3, changes: [], word: '' },
        })),
      }),
    });
    const regular = await fill({ databaseUrl, keys, classId: id });
    const report = `${base}/api/reports?first=2023-11-01&last=2026-11-23`;
    const began = performance.now();
    await (await fetch(report, { headers })).text();
    const firstMs = Math.round(performance.now() - began);
    return {
      answerMs: await answerMs(`${base}/api/people/${regular}/history?most=12`, headers),
      pageMs: await pageMs(browser, base, regular),
      reportFirstMs: firstMs,
      reportMs: await answerMs(report, headers),
    };
  } finally {
    await browser.close();
    await stop();
  }
}

/** @param classOf makes the class of thirty steps and twenty-four people out of the demo's people */
export async function measurePages(classOf) {
  const { base, pid, stop } = await startDemoServer();
  const browser = await chromium.launch(CHROMIUM);
  try {
    const list = await visitAnew(
      browser,
      `${base}/classes`,
      `[...document.links].some((link) => link.textContent.trim() === 'New class')`,
    );
    const atlas = await visitAnew(
      browser,
      `${base}/atlas`,
      `[...document.images].filter((image) => image.complete && /figures/.test(image.src)).length > 5`,
    );
    const played = await framesPerSecond(browser, `${base}/atlas/cat-cow`);
    const taught = await taughtPerSecond(browser, base);
    const headers = await signInToDemo(base);
    const people = await (await fetch(`${base}/api/people`, { headers })).json();
    const saved = await fetch(`${base}/api/classes`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', ...headers },
      body: JSON.stringify(classOf(people.map(({ id }) => id))),
    });
    const { id } = await saved.json();
    const fitting = await visitAnew(
      browser,
      `${base}/classes/${id}/fitting`,
      `document.querySelector('[data-cell]')`,
    );
    const workerMb = await workerHeapMb(browser, `${base}/classes/${id}/fitting`);
    return { list, atlas, played, taught, fitting, workerMb, serverMb: residentMb(pid) };
  } finally {
    await browser.close();
    await stop();
  }
}
