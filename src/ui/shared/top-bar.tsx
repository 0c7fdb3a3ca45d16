'use client';

import Link from 'next/link';
import type { ReactNode } from 'react';
import './top-bar.css';

/** The name in its own letters: the highlighter lies under it as under a word that found its picture. */
export function Wordmark() {
  return (
    <Link href="/" className="wordmark" aria-label="Nabbet, to the desk">
      <span>nabbet</span>
    </Link>
  );
}

export function TopBar({ children }: { children?: ReactNode }) {
  return (
    <header className="top-bar">
      <Wordmark />
      <nav aria-label="Main" className="top-bar__nav">
        <Link href="/">Desk</Link>
        <Link href="/renders">Renders</Link>
      </nav>
      <div className="top-bar__rest">{children}</div>
    </header>
  );
}
