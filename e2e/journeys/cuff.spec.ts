/** Blood pressure from a device: a made-up cuff, and one that the browser finds. */
import { expect, type Page } from '@playwright/test';
import { expectAccessible } from '../fixtures/axe.js';
import { test } from '../fixtures/hall.js';

/** 186 over 112 in mmHg with a pulse of 88 and an irregular pulse (flags 0x14). */
const SEVERE = [0x14, 186, 0, 112, 0, 137, 0, 88, 0, 4, 0];

/** A browser that has Bluetooth, with one cuff in reach, which sends these bytes a moment after it is listened to. */
const withCuff = (page: Page, bytes: readonly number[]) =>
  page.addInitScript((sent) => {
    class Told extends EventTarget {
      value: DataView | undefined;
      async startNotifications(): Promise<void> {
        setTimeout(() => {
          this.value = new DataView(Uint8Array.from(sent).buffer);
          this.dispatchEvent(new Event('characteristicvaluechanged'));
        }, 300);
      }
    }
    const service = {
      getCharacteristic: async (name: string) => name === 'blood_pressure_measurement' && new Told(),
    };
    const server = { getPrimaryService: async (name: string) => name === 'blood_pressure' && service };
    const device = Object.assign(new EventTarget(), {
      name: 'Cuff 7',
      gatt: { connect: async () => server, disconnect: () => undefined },
    });
    Object.defineProperty(navigator, 'bluetooth', { value: { requestDevice: async () => device } });
  }, bytes);

async function openFor(page: Page, name: string): Promise<void> {
  await page.goto('/classes/new');
  await page.getByRole('checkbox', { name }).check();
  await page.getByRole('button', { name: `From a cuff, ${name}` }).click();
}

test('in the demo a made-up cuff measures, and what it sent is taken over', async ({ page }) => {
  await openFor(page, 'Ines Fallow');
  const dialog = page.getByRole('dialog');
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'Use a made-up cuff' }).click();
  await expect(dialog.getByText('A made-up cuff is connected', { exact: false })).toBeVisible();
  await expect(dialog.getByText('124/78')).toBeVisible();
  await dialog.getByRole('button', { name: 'Measure again' }).click();
  // Sent in kilopascal.
  await expect(dialog.getByText('152/94')).toBeVisible();
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'Take it over' }).click();
  await expect(page.getByLabel('Blood pressure today, Ines Fallow')).toHaveValue('152/94');
});

test('a cuff that the browser finds; what it doubts is said, and a reading that is too high stops', async ({
  page,
}) => {
  await withCuff(page, SEVERE);
  await openFor(page, 'Bram Sedgely');
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Find a cuff' }).click();
  await expect(dialog.getByText('186/112')).toBeVisible();
  await expect(dialog.getByText('Pulse 88')).toBeVisible();
  await expect(dialog.getByText('The pulse was irregular', { exact: false })).toBeVisible();
  await dialog.getByRole('button', { name: 'Take it over' }).click();
  const today = page.getByRole('group', { name: 'Today, Bram Sedgely' });
  await expect(today.getByRole('alert')).toContainText('must not practise today');
});

test('a cuff that could not measure says what to do', async ({ page }) => {
  await withCuff(page, [0, 0xff, 0x07, 0xff, 0x07, 0xff, 0x07]);
  await openFor(page, 'Ines Fallow');
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Find a cuff' }).click();
  await expect(dialog.getByRole('alert')).toContainText('could not measure');
  await expect(dialog.getByRole('button', { name: 'Take it over' })).toHaveCount(0);
});
