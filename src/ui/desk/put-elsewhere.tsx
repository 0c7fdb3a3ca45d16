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
  return (ids, what, place, from) => {
    const offerTheWayBack = () =>
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
      });
    // What mutate is told to do afterwards is dropped with the card that leaves the list; a promise is kept. A
    // refusal is said by the mutation itself.
    file.mutateAsync({ ids, place }).then(offerTheWayBack, () => undefined);
  };
}
