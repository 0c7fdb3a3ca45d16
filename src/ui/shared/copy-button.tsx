'use client';

import { CheckOutlined, CopyOutlined } from '@ant-design/icons';
import { App, Button } from 'antd';
import { useEffect, useState } from 'react';

const SHOWN_MS = 1500;

/** Copies a text; says so, or why it cannot be. */
export function CopyButton({ text, label }: { text: string; label: string }) {
  const { message } = App.useApp();
  const [done, setDone] = useState(false);
  useEffect(() => {
    if (!done) return;
    const timer = setTimeout(() => setDone(false), SHOWN_MS);
    return () => clearTimeout(timer);
  }, [done]);
  return (
    <Button
      size="small"
      aria-label={done ? 'Copied' : label}
      icon={done ? <CheckOutlined aria-hidden /> : <CopyOutlined aria-hidden />}
      disabled={!text}
      onClick={() =>
        navigator.clipboard.writeText(text).then(
          () => setDone(true),
          () =>
            message.error('The browser does not let this page copy. Select the text and copy it by hand.', 5),
        )
      }
    />
  );
}
