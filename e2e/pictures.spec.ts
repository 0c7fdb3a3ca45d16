import { execFileSync } from 'node:child_process';
import { copyFileSync, mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect, type Page, test } from '@playwright/test';
import { accessible, begin, drag, pass, rows, saved, stored, voicesReady, wear, words } from './steps.ts';

const folder = mkdtempSync(path.join(tmpdir(), 'nabbet-own-'));
const at = (name: string) => path.join(folder, name);

test.beforeAll(() => {
  const ffmpeg = (...args: string[]) => execFileSync('ffmpeg', ['-v', 'error', '-y', ...args]);
  mkdirSync(at('regatta'));
  ffmpeg(
    ...['-f', 'lavfi', '-i', 'testsrc2=s=640x360:r=30:d=5', '-f', 'lavfi', '-i', 'sine=f=300:r=48000:d=5'],
    ...['-c:v', 'libx264', '-c:a', 'aac', '-shortest', at('regatta/kayak_race_start.mp4')],
  );
  copyFileSync('shelf/apple-crate-wide.webp', at('Greengage harvest.webp'));
  writeFileSync(
    at('badge.svg'),
    '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 300 200"><script>alert(1)</script><circle cx="150" cy="100" r="80" fill="#b5402a"/></svg>',
  );
  writeFileSync(at('broken.mp4'), 'no clip at all');
});

const tool = (page: Page, name: string) =>
  page.getByLabel('Tools for pictures').getByText(name, { exact: true });
const results = (page: Page) => page.getByRole('list', { name: 'Pictures found' });
const sceneOf = async (page: Page, id: string, n: number) => {
  await saved(page);
  return (await stored(page, id)).piece.scenes[n - 1];
};
const clipName = 'Kayak race start';

async function bring(page: Page, ...names: string[]): Promise<void> {
  await page.locator('.pictures input[type=file]').first().setInputFiles(names.map(at));
}

test('own photo, clip and logo come onto the shelf, are found by their names and used; what is broken is named', async ({
  page,
}) => {
  const id = await begin(page);
  await pass(page, 'Pictures');
  await words(page, 2).click();
  await bring(page, 'regatta/kayak_race_start.mp4', 'Greengage harvest.webp', 'badge.svg', 'broken.mp4');
  await expect(page.getByText(/broken\.mp4: This is not a picture/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Try again' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Forget broken.mp4' }).click();

  await page.getByLabel('Search a picture for scene 2').fill('kayak race');
  await results(page)
    .getByRole('button', { name: `Use “${clipName}”, your own` })
    .click();
  await expect(
    rows(page)
      .nth(1)
      .getByRole('button', { name: new RegExp(`now: ${clipName}`) }),
  ).toBeVisible();
  await tool(page, 'Clip').click();
  await expect(page.getByText('A light copy for playing is being made')).toBeHidden({ timeout: 60_000 });
  await page.getByLabel('From, seconds').fill('1.5');
  await page.getByLabel('To, seconds').fill('2.5');
  await page.getByLabel('To, seconds').press('Enter');
  await expect(page.getByText(/this part 1\.0 s: it begins again/)).toBeVisible();
  await page.getByText('Last picture stands').click();
  await page.getByRole('switch', { name: 'Its own sound' }).click();
  await accessible(page, 'the clip tool');
  expect((await sceneOf(page, id, 2)).pictures[0]).toMatchObject({
    by: 'writer',
    clip: { inMs: 1500, outMs: 2500, speed: 1, gainDb: -12, end: 'hold' },
  });

  await tool(page, 'Find').click();
  await words(page, 3).click();
  await page.getByLabel('Search a picture for scene 3').fill('badge');
  await results(page).getByRole('button', { name: 'Use “Badge”, your own' }).click();
  expect((await sceneOf(page, id, 3)).pictures[0]).toMatchObject({
    framing: { fit: 'whole', surround: '#ffffff' },
  });

  await page.getByRole('button', { name: 'Filters' }).click();
  await page.getByRole('checkbox', { name: 'My own' }).check();
  // Others may have brought pictures meanwhile: all that are left are somebody's own.
  const names = () =>
    results(page)
      .getByRole('button', { name: /^Use “/ })
      .evaluateAll((all) => all.map((b) => b.getAttribute('aria-label') ?? ''));
  await expect.poll(async () => (await names()).filter((n) => !/your own|licence/.test(n))).toEqual([]);
  expect((await names()).length).toBeGreaterThanOrEqual(3);
  const harvest = results(page)
    .getByRole('listitem')
    .filter({ has: page.getByRole('button', { name: /Use “Greengage/ }) });
  await harvest.getByRole('button', { name: 'Keep “Greengage harvest” at hand' }).click();
  await harvest.getByRole('button', { name: 'Words and licence of “Greengage harvest”' }).click();
  await page.locator('.own-words').getByLabel('Title').fill('Crate of plums');
  await page.locator('.own-words').getByLabel('Licence').click();
  await page.getByTitle('free, credit needed').last().click();
  await page.getByLabel('Name to be given with it').fill('A. Orchard');
  await accessible(page, 'words of an own picture');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(
    results(page).getByRole('button', { name: 'Use “Crate of plums”, free, credit needed' }),
  ).toBeVisible();
  await page.getByRole('checkbox', { name: 'Kept at hand' }).check();
  await expect(results(page).getByRole('button', { name: /^Use “/ })).toHaveCount(1);

  // Another piece has it too.
  await begin(page);
  await pass(page, 'Pictures');
  await page.getByLabel('Search a picture for scene 1').fill('a crate of plums');
  await results(page)
    .getByRole('button', { name: /^Use “Crate of plums”/ })
    .click();
  await page.getByRole('button', { name: 'Render', exact: true }).click();
  await expect(page.getByText('“Crate of plums”: A. Orchard')).toBeVisible();
});

test('a file dropped on a row becomes its picture', async ({ page }) => {
  await begin(page);
  await pass(page, 'Pictures');
  const bytes = (await import('node:fs')).readFileSync(at('Greengage harvest.webp')).toString('base64');
  const data = await page.evaluateHandle((b64) => {
    const transfer = new DataTransfer();
    transfer.items.add(
      new File([Uint8Array.from(atob(b64), (c) => c.charCodeAt(0))], 'dropped plums.webp', {
        type: 'image/webp',
      }),
    );
    return transfer;
  }, bytes);
  const target = rows(page).nth(2).locator('.row__picture');
  await target.dispatchEvent('dragover', { dataTransfer: data });
  await target.dispatchEvent('drop', { dataTransfer: data });
  await expect(
    rows(page)
      .nth(2)
      .getByRole('button', { name: /now: (Crate of plums|Greengage harvest|Dropped plums)/ }),
  ).toBeVisible({
    timeout: 30_000,
  });
});

test('filters, more like this, and a click on a picture that begins to move under the pointer', async ({
  page,
}) => {
  await begin(page);
  await pass(page, 'Pictures');
  await words(page, 1).click();
  const uses = results(page).getByRole('button', { name: /^Use “/ });
  await page.getByRole('button', { name: 'Filters' }).click();
  await page.getByLabel('Still or moving').click();
  await page.getByTitle('Loops and clips').click();
  await expect(page.getByRole('button', { name: 'Filters, 1 set' })).toBeVisible();
  // Nothing but moving pictures: the filter has been answered.
  await expect(results(page).locator('li:not(:has(.frame__kind))')).toHaveCount(0);
  const loop = uses.first();
  const title = /Use “(.*?)”/.exec((await loop.getAttribute('aria-label')) ?? '')?.[1] ?? '';
  await loop.click();
  await expect(
    rows(page)
      .first()
      .getByRole('button', { name: new RegExp(`now: ${title}`) }),
  ).toBeVisible();
  await accessible(page, 'finding pictures with filters');
  await results(page).getByRole('listitem').first().hover();
  await results(page)
    .getByRole('button', { name: `More like “${title}”` })
    .click();
  await expect(page.getByText(`Like “${title}”`)).toBeVisible();
  await expect(results(page).getByRole('button', { name: `Use “${title}”` })).toHaveCount(0);
  await page.getByRole('button', { name: 'Back to the search' }).click();
  await expect(results(page).getByRole('button', { name: new RegExp(`Use “${title}”`) })).toBeVisible();
});

test('the frame is dragged on the monitor, moved by keys, given a start and an end, and undone as one step', async ({
  page,
}) => {
  const id = await begin(page);
  // A look whose pictures fill the stage.
  await wear(page, 'Paper tape');
  await pass(page, 'Pictures');
  await words(page, 2).click();
  await tool(page, 'Frame').click();
  const overlay = page.locator('.frame-overlay');
  await expect(overlay).toBeVisible();
  await page.getByLabel('Closer').focus();
  for (let k = 0; k < 20; k++) await page.keyboard.press('ArrowRight');
  await drag(page, overlay, 60, 40);
  const dragged = (await sceneOf(page, id, 2)).pictures[0].framing.aims.tall[0];
  expect(dragged.zoom).toBeCloseTo(2, 1);
  await page.getByRole('button', { name: 'Frame: move it with the arrow keys' }).focus();
  await page.keyboard.press('Shift+ArrowRight');
  const moved = (await sceneOf(page, id, 2)).pictures[0].framing.aims.tall[0];
  expect(moved.x).toBeGreaterThan(dragged.x);
  await accessible(page, 'the frame tool');

  await page.getByText('Start and end').click();
  await expect(page.locator('.frame-overlay__name')).toHaveText('End');
  await overlay.hover();
  await page.mouse.wheel(0, -300);
  const two = (await sceneOf(page, id, 2)).pictures[0].framing.aims.tall;
  expect(two).toHaveLength(2);
  expect(two[1].zoom).toBeGreaterThan(two[0].zoom);
  // The strip shows what the frame shows in the end.
  const small = page.locator('.strip__scene').nth(1).locator('.strip__picture > span');
  const sizes = await Promise.all([small.boundingBox(), small.locator('img').boundingBox()]);
  const [stage = 0, picture = 0] = sizes.map((b) => b?.height ?? 0);
  expect(picture / stage).toBeCloseTo(two[1].zoom, 1);
  await page.reload();
  await pass(page, 'Pictures');
  await words(page, 2).click();
  await tool(page, 'Frame').click();
  await expect(page.getByRole('button', { name: /^(Start|End) frame/ })).toHaveCount(2);
  await page.getByRole('button', { name: 'As it was framed' }).click();
  expect((await sceneOf(page, id, 2)).pictures[0].framing).toBeNull();
  await page.getByRole('button', { name: /^Undo/ }).click();
  expect((await sceneOf(page, id, 2)).pictures[0].framing.aims.tall).toHaveLength(2);
  await page.getByText('The whole picture').click();
  await expect(overlay).toBeHidden();
});

test('a picture goes on where what is left fits less, says so, and the row shows its own when the writer wants it', async ({
  page,
}) => {
  const id = await begin(
    page,
    `Do solar panels pay off?

We put twelve panels on our roof two years ago.
In December they hardly run the fridge.
We charge the car at noon.`,
  );
  await pass(page, 'Pictures');
  const second = rows(page).nth(1);
  const goesOn = second.getByRole('button', { name: /goes on with that of scene 1/ });
  await expect(goesOn).toBeVisible();
  await expect(second.getByText(/The picture before goes on|the picture before goes on/)).toBeVisible();
  // What else was found for this row, and not for the one before.
  await expect(second.locator('.frame--small')).toHaveCount(3);

  await words(page, 2).click();
  await page.getByRole('checkbox', { name: 'Go on with the picture of scene 1' }).uncheck();
  await expect(goesOn).toBeHidden();
  await saved(page);
  const own = (await stored(page, id)).piece.scenes[1];
  expect(own).toMatchObject({ runsOn: false, pictures: [{ by: 'writer' }] });
  // Nabbing again leaves the writer's choice alone.
  await page.getByRole('button', { name: 'Nab pictures' }).click();
  await expect(page.getByText(/as good as they get|Your own choices stayed/)).toBeVisible();
  await saved(page);
  expect((await stored(page, id)).piece.scenes[1]).toEqual(own);

  for (let k = 0; k < 3 && (await goesOn.isHidden()); k++)
    await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(goesOn).toBeVisible();
});

test('several pictures in a scene, one that runs on, and a grading for all; the monitor shows what is delivered', async ({
  page,
}) => {
  const id = await begin(page);
  await pass(page, 'Pictures');
  await words(page, 2).click();
  await page.getByRole('button', { name: 'One more picture in scene 2' }).click();
  await page.getByLabel('Search a picture for scene 2').fill('calendar');
  await results(page)
    .getByRole('button', { name: /^Use “.*calendar/i })
    .first()
    .click();
  await expect(rows(page).nth(1).locator('.frame__kind')).toHaveText('+1');

  await words(page, 3).click();
  await page.getByRole('checkbox', { name: 'Go on with the picture of scene 2' }).check();
  await expect(
    rows(page)
      .nth(2)
      .getByRole('button', { name: /goes on with that of scene 2/ }),
  ).toBeVisible();

  await words(page, 4).click();
  await tool(page, 'Colour').click();
  await page.getByRole('button', { name: 'Sepia' }).click();
  await page.getByLabel('Grain', { exact: true }).focus();
  for (let k = 0; k < 30; k++) await page.keyboard.press('ArrowRight');
  await accessible(page, 'the colour tool');
  await page.getByRole('button', { name: 'The same for all scenes' }).click();
  await tool(page, 'Frame').click();
  await page.getByText('The whole picture').click();
  await saved(page);
  await voicesReady(page);
  const { piece } = await stored(page, id);
  expect(piece.scenes.map((s: { grading: { grade: string } }) => s.grading.grade)).toEqual(
    Array(5).fill('sepia'),
  );
  expect(piece.scenes[1].pictures).toHaveLength(2);
  expect(piece.scenes[2].runsOn).toBe(true);
  expect(piece.scenes[3].pictures[0].framing.fit).toBe('whole');
  await pass(page, 'Words');

  const total = Number(await page.locator('.strip__head').getAttribute('aria-valuemax'));
  const head = page.locator('.strip__head');
  const frames = [0.3, 0.42, 0.55, 0.8].map((s) => Math.floor(s * total));
  const doc = at('piece.json');
  writeFileSync(doc, JSON.stringify(piece));
  execFileSync(process.execPath, ['--import', 'tsx', 'e2e/paint-frames.ts', doc, folder, frames.join()]);
  for (const f of frames) {
    const body = await page.locator('.strip__body').boundingBox();
    if (!body) throw new Error('The strip is not on the screen.');
    await page.mouse.click(body.x + ((f + 0.2) / total) * body.width, body.y + 20);
    for (let k = 0; k < 12; k++) {
      const now = Number(await head.getAttribute('aria-valuenow'));
      if (now === f) break;
      await head.focus();
      await page.keyboard.press(now < f ? 'ArrowRight' : 'ArrowLeft');
    }
    const [png] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Save this frame as a picture' }).click(),
    ]);
    await png.saveAs(at(`browser-${f}.png`));
    const { stderr } = (await import('node:child_process')).spawnSync('ffmpeg', [
      ...['-hide_banner', '-i', at(`browser-${f}.png`), '-i', at(`server-${f}.png`)],
      ...['-lavfi', 'ssim', '-frames:v', '1', '-f', 'null', '-'],
    ]);
    const ssim = Number(/All:([\d.]+)/.exec(stderr.toString())?.[1]);
    console.log(`frame ${f}: SSIM of monitor and server ${ssim}`);
    expect.soft(ssim, `frame ${f}`).toBeGreaterThanOrEqual(0.985);
  }
});

test('a picture is painted to order: said first, then painted, marked, used and found again', async ({
  page,
}) => {
  const id = await begin(page);
  await pass(page, 'Pictures');
  await words(page, 3).click();
  await page.getByRole('button', { name: 'Have a picture painted to order' }).click();
  await page.getByLabel('What the picture is for').fill('We waited by candle light.');
  await expect(page.locator('.paint-order__says')).toHaveText(/candle.*by lamplight/i);
  await accessible(page, 'painting to order');
  await page.getByRole('button', { name: 'Paint it for this scene' }).click();
  await expect(
    rows(page)
      .nth(2)
      .getByRole('button', { name: /now: A candle.*by lamplight/ }),
  ).toBeVisible({
    timeout: 60_000,
  });
  expect((await sceneOf(page, id, 3)).pictures[0]).toMatchObject({ by: 'writer' });
  await page.getByRole('button', { name: 'Back to the shelf' }).click();
  await page.getByRole('button', { name: 'Filters' }).click();
  await page.getByRole('checkbox', { name: 'My own' }).check();
  await page.getByLabel('Search a picture for scene 3').fill('machine-made candle');
  await expect(results(page).getByRole('button', { name: /^Use “A candle.*free to use/ })).toBeVisible();
});

test('a picture of a library is seen with its price, bought once, used again, and its cost is told at the render', async ({
  page,
}) => {
  const id = await begin(page);
  await pass(page, 'Pictures');
  await words(page, 2).click();
  await page.getByLabel('Search a picture for scene 2').fill('an ambulance in the rain');
  await page.getByRole('button', { name: 'Look in the libraries from outside' }).click();
  const offers = page.getByRole('region', { name: 'From the libraries' });
  const offer = offers.getByRole('button', { name: /“Ambulance in the rain” from Lanternworks Pictures/ });
  await expect(offer).toHaveText('Buy · €8.00');
  await expect
    .poll(() =>
      offers
        .locator('img')
        .first()
        .evaluate((i) => (i as HTMLImageElement).naturalWidth),
    )
    .toBe(480);
  await accessible(page, 'the libraries');
  await offer.click();
  await expect(offer).toHaveText('Use');
  const bought = (await sceneOf(page, id, 2))?.pictures[0]?.assetId;
  expect(bought).toMatch(/^a[0-9a-f]{20}$/);

  await words(page, 3).click();
  await page.getByLabel('Search a picture for scene 3').fill('an ambulance in the rain');
  await expect(offer).toHaveText('Use');
  await offer.click();
  await expect.poll(async () => (await sceneOf(page, id, 3))?.pictures[0]?.assetId).toBe(bought);
  await page.getByRole('button', { name: 'Render', exact: true }).click();
  await expect(page.getByText(/Pictures bought for it: one, €8\.00 in all/)).toBeVisible();
});

test('a logo that was brought stands above the words of the end card, on its own ground', async ({
  page,
}) => {
  const logo = at('ferry-logo.png');
  const drawn = 'color=c=0xc8341e:s=300x120,format=rgba,pad=460:200:80:40:color=0x00000000';
  execFileSync('ffmpeg', ['-v', 'error', '-y', '-f', 'lavfi', '-i', drawn, '-frames:v', '1', logo]);
  const id = await begin(page);
  await voicesReady(page);
  const last = (await rows(page).count()) - 1;
  await words(page, last + 1).click();
  await rows(page)
    .nth(last)
    .getByRole('combobox', { name: /Layout/ })
    .click();
  await page.locator('.ant-select-item-option').getByText('End card').click();
  await pass(page, 'Pictures');
  await rows(page).nth(last).click();
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Bring own', exact: true }).click(),
  ]);
  await chooser.setFiles(logo);
  await page.getByRole('button', { name: 'Show it in the chosen row' }).click({ timeout: 60_000 });
  await saved(page);
  const { scenes } = (await stored(page, id)).piece;
  expect(scenes[last]).toMatchObject({
    layout: 'end',
    pictures: [{ by: 'writer', framing: { fit: 'whole' } }],
  });
  expect(scenes[last].pictures[0].framing.surround).toMatch(/^#/);
});
