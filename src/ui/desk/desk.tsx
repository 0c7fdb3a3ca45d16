'use client';

import Link from 'next/link';
import { TopBar } from '../shared/top-bar.tsx';
import type { DemoLink } from './examples.tsx';
import { LaidSheetView } from './laid-sheet.tsx';
import { OpenOutlines } from './open-outlines.tsx';
import { Pieces } from './pieces.tsx';
import './desk.css';

/** An empty sheet that becomes a piece, and all pieces. accept: endings of the documents that are read. */
export function Desk({ demo, accept }: { demo: DemoLink[]; accept: string[] }) {
  return (
    <>
      <TopBar />
      <main className="desk">
        <LaidSheetView demo={demo} accept={accept} />
        <OpenOutlines />
        <Pieces />
        <p className="desk__foot">
          <Link href="/licences">Licences of what Nabbet is made of</Link>
        </p>
      </main>
    </>
  );
}
