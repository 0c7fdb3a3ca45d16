import { CONFIG } from '../../server/config.ts';
import { DEMO_PAGES } from '../../server/demo-web/pages.ts';
import { readableEndings } from '../../server/read/readers.ts';
import { Desk } from '../../ui/desk/desk.tsx';

export const dynamic = 'force-dynamic';

export default function Page() {
  const base = `http://${CONFIG.host}:${CONFIG.port}/demo-web/`;
  const demo = DEMO_PAGES.map(({ path, kind, title }) => ({ path, kind, title, address: base + path }));
  return <Desk demo={demo} accept={[...readableEndings(), '.nabbet']} />;
}
