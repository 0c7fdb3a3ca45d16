import { chromium } from '@playwright/test';
import { CHROMIUM } from './browser.ts';

/** Takes the pictures of docs/screenshots from a running demo: `node --import tsx e2e/screenshots.ts [URL]`. */
async function main(): Promise<void> {
  const url = process.argv[2] ?? 'http://127.0.0.1:4300';
  const browser = await chromium.launch(CHROMIUM);
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const shot = async (name: string) => {
    await page.waitForLoadState('networkidle');
    await page.waitForTimeout(900);
    await page.screenshot({ path: `docs/screenshots/${name}.png` });
  };
  await page.goto(url);
  await shot('desk');
  await page.goto(`${url}/begin`);
  await page.getByRole('button', { name: 'Try with a sample' }).click();
  await shot('begin');
  await page.evaluate(() => localStorage.clear());
  await page.goto(url);
  await page.getByText('The bench that mends anything').first().click();
  await page.getByLabel('Words of scene 3').click();
  await shot('words');
  const passes = page.getByRole('navigation', { name: 'Passes' });
  for (const name of ['Pictures', 'Voice', 'Music']) {
    await passes.getByText(name).click();
    await shot(name.toLowerCase());
  }
  await page.getByRole('button', { name: 'Render', exact: true }).click();
  await shot('render');
  await browser.close();
}

main().then(
  () => process.exit(0),
  (e) => {
    console.error(e);
    process.exit(1);
  },
);
