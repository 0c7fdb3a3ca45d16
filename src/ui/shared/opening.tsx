'use client';

import { Button, Result, Spin } from 'antd';
import Link from 'next/link';

/** Something is being opened. */
export function Opening({ what }: { what: string }) {
  return (
    <main className="waiting" aria-live="polite">
      <Spin /> <span>{what}</span>
    </main>
  );
}

/** Something cannot be opened: what the server said, another try, and the way back. */
export function CannotOpen({ title, error, onAgain }: { title: string; error: Error; onAgain: () => void }) {
  return (
    <main className="plain-page">
      <Result
        status="warning"
        title={title}
        subTitle={error.message}
        extra={[
          <Button key="again" onClick={onAgain}>
            Try again
          </Button>,
          <Link key="desk" href="/">
            Go to the desk
          </Link>,
        ]}
      />
    </main>
  );
}
