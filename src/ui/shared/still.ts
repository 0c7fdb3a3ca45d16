'use client';

import { useSyncExternalStore } from 'react';

const still = () => window.matchMedia('(prefers-reduced-motion: reduce)');

const watch = (onChange: () => void) => {
  const query = still();
  query.addEventListener('change', onChange);
  return () => query.removeEventListener('change', onChange);
};

/**
 * Whether who sits here has asked for an interface that does not move (Media Queries 5, prefers-reduced-motion). Until that is known
 * nothing moves: components that were built without motion take it on, those built with it would be built anew without.
 */
export const usePrefersStill = (): boolean =>
  useSyncExternalStore(
    watch,
    () => still().matches,
    () => true,
  );
