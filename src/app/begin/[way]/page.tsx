import { notFound } from 'next/navigation';
import { CONFIG } from '../../../server/config.ts';
import { DEMO_PAGES } from '../../../server/demo-web/pages.ts';
import { html } from '../../../server/read/readers/html.ts';
import { readableEndings } from '../../../server/read/readers.ts';
import { BeginPage } from '../../../ui/begin/begin-page.tsx';
import { BeginPhotos } from '../../../ui/begin/begin-photos.tsx';

export const dynamic = 'force-dynamic';

export default async function Page({ params }: { params: Promise<{ way: string }> }) {
  const { way } = await params;
  if (way === 'photos') return <BeginPhotos />;
  if (way !== 'article' && way !== 'product') notFound();
  const base = `http://${CONFIG.host}:${CONFIG.port}/demo-web/`;
  const demo = DEMO_PAGES.filter((p) => p.kind === way || p.kind === 'awkward').map((p) => ({
    ...p,
    address: base + p.path,
  }));
  const endings = way === 'product' ? html.endings : readableEndings();
  return <BeginPage way={way} demo={demo} accept={endings.join(',')} />;
}
