'use client';

import { CloseOutlined } from '@ant-design/icons';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { App, Button } from 'antd';
import Link from 'next/link';
import { listSources, putAwaySource } from '../../api/sources.ts';
import { call } from '../shared/api.ts';

const KINDS: Record<string, string> = {
  article: 'Article',
  product: 'Product',
  photos: 'Photos',
  script: 'Script',
};

export const useOpenOutlines = () =>
  useQuery({ queryKey: ['sources'], queryFn: () => call(listSources, {}) });

/** Outlines that no piece was made from yet. */
export function OpenOutlines() {
  const client = useQueryClient();
  const { message } = App.useApp();
  const open = useOpenOutlines();
  const away = useMutation({
    mutationFn: (id: string) => call(putAwaySource, { params: { id } }),
    onSuccess: () => client.invalidateQueries({ queryKey: ['sources'] }),
    onError: (e) => void message.error(e.message),
  });
  if (!open.data?.length) return null;
  return (
    <section aria-labelledby="open-title" className="desk__open">
      <h2 id="open-title">Begun, not made yet</h2>
      <ul>
        {open.data.map((s) => (
          <li key={s.id}>
            <Link href={`/outline/${s.id}`}>
              <small>{KINDS[s.kind]}</small> {s.title || 'Untitled'}
            </Link>
            <Button
              type="text"
              aria-label={`Put away ${s.title || 'untitled outline'}`}
              icon={<CloseOutlined aria-hidden />}
              onClick={() => away.mutate(s.id)}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}
