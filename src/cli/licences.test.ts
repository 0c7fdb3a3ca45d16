import { readFile } from 'node:fs/promises';
import path from 'node:path';
import { expect, it } from 'vitest';
import { CONFIG } from '../server/config.ts';
import { gatherLicences } from './licences.ts';

it('the list of licences is that of the packages that are used now', async () => {
  const { rows, text } = await gatherLicences();
  expect(await readFile(path.join(CONFIG.root, 'docs/licences.md'), 'utf8'), 'run ./nabbet licences').toBe(
    text,
  );
  const shown = JSON.parse(await readFile(path.join(CONFIG.root, 'src/ui/licences/licences.json'), 'utf8'));
  expect(shown).toEqual(rows);
  const { dependencies } = JSON.parse(await readFile(path.join(CONFIG.root, 'package.json'), 'utf8'));
  for (const name of Object.keys(dependencies))
    expect(
      rows.filter((r) => r.name === name || r.name.startsWith(`${name} (`)),
      name,
    ).not.toEqual([]);
  expect(rows.filter((r) => !r.licence)).toEqual([]);
});
