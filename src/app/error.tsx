'use client';

import Link from 'next/link';

export default function ErrorPage({
  error,
  reset,
}: {
  error: Error & { digest?: string };
  reset: () => void;
}) {
  return (
    <main className="plain-page">
      <h1>This page stopped working</h1>
      <p>
        Everything you did up to the last “Saved” is kept. Try again; if it stops once more, go back to the
        desk and open the piece from there.
      </p>
      <p className="plain-page__detail">{error.message}</p>
      <p>
        <button type="button" className="plain-button" onClick={reset}>
          Try again
        </button>{' '}
        <Link href="/">Go to the desk</Link>
      </p>
    </main>
  );
}
