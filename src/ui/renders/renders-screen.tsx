'use client';

import { TopBar } from '../shared/top-bar.tsx';
import { RenderList } from './render-list.tsx';

export function RendersScreen() {
  return (
    <>
      <TopBar />
      <main className="renders-page">
        <h1>Renders</h1>
        <RenderList />
      </main>
    </>
  );
}
