'use client';

import { useQuery } from '@tanstack/react-query';
import { App, Button } from 'antd';
import { useEffect, useRef } from 'react';
import { listRenders, type RenderView } from '../../api/renders.ts';
import { deliveryKind } from '../../core/deliver/kinds.ts';
import { call } from '../shared/api.ts';
import { isActive } from './active.ts';
import { nameOf } from './name-of.ts';

const POLL_MS = 1500;
/** From such a time on it is worth doing something else meanwhile. */
const LONG_MS = 20_000;
const ASKED = 'nabbet-asked-to-notify';

/** Looks after renders on every screen: the title of the window shows how far one is, and it is told when it is done. */
export function RenderWatch() {
  const { notification } = App.useApp();
  const { data } = useQuery({
    queryKey: ['renders', 'all'],
    queryFn: () => call(listRenders, { query: {} }),
    refetchInterval: (q) => (q.state.data?.some(isActive) ? POLL_MS : false),
    retry: false,
  });
  const before = useRef(new Map<string, RenderView['state']>());
  useEffect(() => {
    for (const r of data ?? []) {
      const was = before.current.get(r.id);
      before.current.set(r.id, r.state);
      if (was !== 'waiting' && was !== 'running') continue;
      if (!isActive(r)) notification.destroy('notify');
      if (r.state === 'done')
        tell(`${deliveryKind(r.kind).label} is ready`, `${r.title}: ${nameOf(r)}`, notification.success);
      if (r.state === 'failed') tell('The render failed', r.error ?? '', notification.error);
    }
  }, [data, notification]);
  const now = data?.find((r) => r.state === 'running');
  useTitle(now ? (now.total ? Math.floor((now.done / now.total) * 100) : 0) : null);
  const isLong = (now?.remainingMs ?? 0) > LONG_MS;
  useEffect(() => {
    if (!isLong || !('Notification' in window) || Notification.permission !== 'default') return;
    if (localStorage.getItem(ASKED)) return;
    localStorage.setItem(ASKED, 'yes');
    notification.info({
      key: 'notify',
      title: 'This takes a while',
      description: 'Shall your desktop tell you when the video is ready?',
      duration: 20,
      actions: (
        <Button
          size="small"
          type="primary"
          onClick={() => {
            notification.destroy('notify');
            void Notification.requestPermission();
          }}
        >
          Yes, tell me
        </Button>
      ),
    });
  }, [isLong, notification]);
  return null;
}

/** In the window, and on the desktop while nobody looks at the window. */
function tell(
  title: string,
  description: string,
  inWindow: (args: { title: string; description: string }) => void,
): void {
  inWindow({ title, description });
  if (document.hidden && 'Notification' in window && Notification.permission === 'granted')
    new Notification(title, { body: description, icon: '/icon.svg' });
}

/** percent: how far a render is; null when none goes on. */
function useTitle(percent: number | null): void {
  useEffect(() => {
    if (percent === null) return;
    const plain = document.title.replace(/^\d+ % · /, '');
    document.title = `${percent} % · ${plain}`;
    return () => {
      document.title = plain;
    };
  }, [percent]);
}
