'use client';

import { useQuery } from '@tanstack/react-query';
import { listDestinations } from '../../api/destinations.ts';
import type { Destination } from '../../core/kit/destinations.ts';
import { call } from './api.ts';

const NONE: Destination[] = [];
/** Under which destinations are kept. */
export const DESTINATIONS = ['destinations'];

/** Where posts go; none until they are known. */
export function useDestinations(): Destination[] {
  const { data = NONE } = useQuery({ queryKey: DESTINATIONS, queryFn: () => call(listDestinations, {}) });
  return data;
}
