/**
 * `npm run screenshots`: one picture of each main view from the demo of a fixed day, into docs/screenshots.
 * Starts a server of its own on a throwaway database.
 */
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { CHROMIUM } from './lib/chromium.mjs';
import { startDemoServer } from './lib/demoServer.mjs';
import { ROOT } from './lib/machine.mjs';

/** The past that the pictures show, in weeks, and what was held in them. */
const WEEKS = 12;
const HELD = 5 * WEEKS;

const { base, stop } = await startDemoServer(WEEKS);
const browser = await chromium.launch(CHROMIUM);

async function pastIsWritten() {
  const context = await browser.newContext();
  await context.request.post(`${base}/api/session/demo`);
  for (;;) {
    const past = await context.request.get(`${base}/api/classes?when=past&most=1&from=${HELD - 1}`);
    if ((await past.json()).length) return context.close();
    await new Promise((resolve) => setTimeout(resolve, 500));
  }
}

async function shoot(
  name,
  path,
  act = async () => {},
  { colorScheme = 'light', viewport = { width: 1280, height: 800 }, media } = {},
) {
  const context = await browser.newContext({ viewport, colorScheme, locale: 'en-GB' });
  await context.request.post(`${base}/api/session/demo`);
  const page = await context.newPage();
  await page.clock.setFixedTime(new Date('2026-11-23T09:00:00'));
  await page.goto(`${base}${path}`);
  await page.waitForLoadState('networkidle');
  await act(page);
  if (media) await page.emulateMedia({ media });
  await page.waitForTimeout(300);
  await page.screenshot({ path: join(ROOT, 'docs/screenshots', `${name}.png`) });
  await context.close();
}

const open = (title) => async (page) => {
  await page.getByRole('link', { name: title, exact: true }).first().click();
  await page.locator('[data-row]').first().waitFor();
};
const why = async (page) => {
  await open('Thursday Mixed')(page);
  await page
    .locator('[data-row]')
    .filter({ hasText: 'Standing forward fold' })
    .getByRole('button', { name: /Perrin/ })
    .click();
  await page
    .locator('[data-row]')
    .nth(12)
    .evaluate((row) => row.scrollIntoView());
};
const on = (title, link) => async (page) => {
  await open(title)(page);
  const folded = page.getByRole('button', { name: 'More actions' });
  if (await folded.isVisible()) await folded.click();
  await page.getByRole('link', { name: link, exact: true }).click();
  // Its heading may say the same: the other page is there when the rows of this one are gone.
  await page.locator('[data-row]').first().waitFor({ state: 'detached' });
  await page.getByRole('heading', { level: 1 }).waitFor();
};

try {
  await pastIsWritten();
  await shoot('today', '/', async (page) => {
    await page
      .getByRole('region', { name: 'Changes within a week' })
      .getByText(/^From /)
      .first()
      .waitFor();
    await page.getByText('Looking at').first().waitFor({ state: 'detached' });
  });
  await shoot('fitting-why', '/classes', why);
  await shoot('sheets', '/classes', async (page) => {
    await open('Thursday Mixed')(page);
    const folded = page.getByRole('button', { name: 'More actions' });
    if (await folded.isVisible()) await folded.click();
    await page.getByRole('link', { name: 'Sheets', exact: true }).click();
    await page.locator('.sheet-page canvas').first().waitFor();
  });
  await shoot('fitting', '/classes', async (page) => {
    await open('Thursday Mixed')(page);
    await page.getByRole('button', { name: /^Change step 3,/ }).click();
    await page.getByRole('button', { name: 'Step after this' }).waitFor();
    await page.getByText('Looking …').waitFor({ state: 'detached' });
  });
  await shoot('room', '/classes', async (page) => {
    await on('Thursday Mixed', 'Room')(page);
    await page.getByRole('button', { name: /^Rowan: / }).focus();
    await page.waitForTimeout(500);
  });
  await shoot('teach', '/classes', async (page) => {
    await on('Thursday Mixed', 'Teach')(page);
    await page.keyboard.press('Space');
    for (let i = 0; i < 6; i++) await page.keyboard.press('ArrowRight');
    await page.keyboard.press('Space');
    await page.waitForTimeout(4000);
  });
  await shoot('atlas', '/atlas?part=hamstrings');
  await shoot('atlas-pose', '/atlas/supine-twist', async (page) => {
    await page.waitForTimeout(1500);
  });
  await shoot('desk', '/sequences', async (page) => {
    await page.getByRole('link', { name: 'Thursday Mixed', exact: true }).click();
    await page.getByRole('region', { name: 'Tried on' }).waitFor();
  });
  await shoot('reports', '/reports', async (page) => {
    await page.getByRole('heading', { name: 'The class as a whole' }).evaluate((one) => one.scrollIntoView());
    await page.waitForTimeout(1000);
  });
  await shoot('eye', '/eye', async (page) => {
    await page.getByRole('button', { name: /^Look at/ }).click();
    await page.getByRole('button', { name: 'swapped' }).first().click();
    await page.waitForTimeout(1000);
  });
  await shoot(
    'course',
    '/sequences/ready',
    async (page) => {
      await page.getByRole('button', { name: 'Begin Six weeks with room to grow' }).click();
      const dialog = page.getByRole('dialog');
      await dialog.getByLabel('Time').fill('09:30');
      await dialog.getByLabel('Place').fill('Saltmarsh Hall');
      await dialog.getByRole('button', { name: 'Make the course' }).click();
      for (const name of ['Hollis Penny', 'Petra Vane', 'Wren Addleby']) {
        await page.getByLabel('Find somebody to enrol').fill(name.split(' ')[0]);
        await page.getByRole('button', { name, exact: true }).click();
        await page.getByRole('button', { name: `Take ${name} out` }).waitFor();
      }
      await page.getByText('Trying it on').first().waitFor({ state: 'detached' });
    },
    { colorScheme: 'dark' },
  );
  await shoot('after-class', '/classes', async (page) => {
    await page
      .getByRole('link', { name: /^Recorded, Steady Backs/ })
      .first()
      .click();
    await page.getByLabel('Pain after, Bram Sedgely').fill('5');
    await page.getByLabel('Pain after, Bram Sedgely').scrollIntoViewIfNeeded();
  });
  await shoot('people', '/people');
  await shoot('person', '/people', async (page) => {
    await page.getByRole('link', { name: 'Edda Wick' }).click();
    await page.getByRole('heading', { name: /^A limit:/ }).waitFor();
    await page.waitForTimeout(2000);
  });
  await shoot('rulebook-condition', '/rulebook/high-blood-pressure', async (page) => {
    await page.waitForTimeout(800);
  });
  await shoot('intake', '/people', async (page) => {
    await page.getByRole('link', { name: 'Edda Wick' }).click();
    await page.getByRole('link', { name: 'Go on asking' }).click();
    await page.getByRole('button', { name: 'What they can do', exact: true }).click();
    await page.getByRole('heading', { name: 'What they can do' }).waitFor();
    await page.waitForTimeout(800);
  });
  await shoot('measure', '/people', async (page) => {
    await page.getByRole('link', { name: 'Rowan Tidewell' }).click();
    await page.getByRole('link', { name: 'Measure and test' }).click();
    await page.getByRole('button', { name: /arm lifts/ }).click();
    await page.waitForTimeout(1500);
  });
  await shoot('door', '/classes', async (page) => {
    await on('Thursday Mixed', 'At the door')(page);
    const bram = page.getByRole('region', { name: 'Bram Sedgely' });
    await bram.getByRole('button', { name: 'Something is new' }).click();
    await bram.getByRole('group', { name: 'Pain, 0 to 10' }).getByRole('button', { name: '6' }).click();
    await bram.getByRole('button', { name: 'low back' }).click();
    await page.getByText('Fitting …').waitFor({ state: 'detached' });
  });
} finally {
  await browser.close();
  await stop();
}
