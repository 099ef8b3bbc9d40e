import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { expect, type Page } from '@playwright/test';

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

/** Fails on any WCAG A or AA violation that axe finds, in light and in dark. */
export async function expectAccessible(page: Page): Promise<void> {
  for (const colorScheme of ['light', 'dark'] as const) {
    await page.emulateMedia({ colorScheme });
    await page.evaluate(AXE);
    const found = await page.evaluate(async () => {
      const { axe } = window as unknown as {
        axe: {
          run(
            context: Document,
            options: object,
          ): Promise<{ violations: { id: string; nodes: { html: string; failureSummary?: string }[] }[] }>;
        };
      };
      const { violations } = await axe.run(document, {
        runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'],
      });
      return violations.map(
        ({ id, nodes }) =>
          `${id}: ${nodes
            .slice(0, 3)
            .map((node) => `${node.html.slice(0, 160)} ${node.failureSummary ?? ''}`)
            .join(' | ')}`,
      );
    });
    expect(found, `axe, ${colorScheme}`).toEqual([]);
  }
  await page.emulateMedia({ colorScheme: 'light' });
}
