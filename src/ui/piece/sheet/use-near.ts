'use client';

import { type RefObject, useEffect, useState } from 'react';

/** Rows that are drawn whole before it is known which are in sight. */
const AT_FIRST = 10;
const MARGIN = '500px 0px';

/** The rows that are in sight or nearly so. */
export function useNear(list: RefObject<HTMLElement | null>, ids: readonly string[]): ReadonlySet<string> {
  const [near, setNear] = useState<ReadonlySet<string>>(() => new Set(ids.slice(0, AT_FIRST)));
  useEffect(() => {
    const root = list.current;
    if (!root) return;
    const watch = new IntersectionObserver(
      (seen) =>
        setNear((before) => {
          const now = new Set(before);
          for (const { target, isIntersecting } of seen) {
            const id = (target as HTMLElement).dataset.scene ?? '';
            if (isIntersecting) now.add(id);
            else now.delete(id);
          }
          const isSame = now.size === before.size && [...now].every((id) => before.has(id));
          return isSame ? before : now;
        }),
      { root, rootMargin: MARGIN },
    );
    for (const row of root.querySelectorAll('[data-scene]')) watch.observe(row);
    return () => watch.disconnect();
  }, [list, ids]);
  return near;
}
