'use client';

import { App, Button } from 'antd';
import type { FilingChange } from '../../api/desk.ts';
import { useDeskWork } from './use-desk.ts';

const SAID: Record<NonNullable<FilingChange['place']>, string> = {
  desk: 'back on the desk',
  away: 'put away',
  bin: 'in the bin',
};

/** Puts pieces elsewhere, with the way back. from: where they lie now. */
export function usePutElsewhere(): (
  ids: string[],
  what: string,
  place: 'desk' | 'away' | 'bin',
  from: 'desk' | 'away' | 'bin',
) => void {
  const { file } = useDeskWork();
  const { message } = App.useApp();
  return (ids, what, place, from) =>
    file.mutate(
      { ids, place },
      {
        onSuccess: () =>
          message.info({
            content: (
              <>
                {what} {ids.length > 1 ? 'are' : 'is'} {SAID[place]}.{' '}
                <Button size="small" type="link" onClick={() => file.mutate({ ids, place: from })}>
                  Take that back
                </Button>
              </>
            ),
            duration: 8,
          }),
      },
    );
}
