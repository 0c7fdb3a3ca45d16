'use client';

import { Tooltip } from 'antd';
import { useEffect, useState } from 'react';

const CALL_MS = 4000;
/** A window that was not heard for so long is gone. */
const SILENT_MS = 10_000;

interface Call {
  doc: string;
  window: string;
  /** It is closed, or shows something else. */
  leaves?: true;
}

/** Says that a document is open in another window of this browser, too. Windows call each other while they show it. */
export function AlsoOpen({ docId }: { docId: string }) {
  const [others, setOthers] = useState(0);
  useEffect(() => {
    if (!('BroadcastChannel' in window)) return;
    const channel = new BroadcastChannel('nabbet-open');
    const me = crypto.randomUUID?.() ?? String(Math.random());
    const heard = new Map<string, number>();
    const count = () => {
      for (const [id, at] of heard) if (performance.now() - at > SILENT_MS) heard.delete(id);
      setOthers(heard.size);
    };
    const call = (leaves?: true) =>
      channel.postMessage({ doc: docId, window: me, ...(leaves ? { leaves } : {}) } satisfies Call);
    channel.onmessage = ({ data }: MessageEvent<Call>) => {
      if (data?.doc !== docId || data.window === me) return;
      const isNew = !heard.has(data.window);
      if (data.leaves) heard.delete(data.window);
      else heard.set(data.window, performance.now());
      // Whoever comes hears of this window at once.
      if (isNew && !data.leaves) call();
      count();
    };
    call();
    const timer = setInterval(() => {
      call();
      count();
    }, CALL_MS);
    const leave = () => call(true);
    window.addEventListener('pagehide', leave);
    return () => {
      leave();
      window.removeEventListener('pagehide', leave);
      clearInterval(timer);
      channel.close();
    };
  }, [docId]);
  if (!others) return null;
  return (
    <Tooltip title="Each window keeps what the other did; what is changed there comes in here with your next change.">
      <output className="also-open">Also open in another window</output>
    </Tooltip>
  );
}
