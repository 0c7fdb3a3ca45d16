'use client';

import { useCallback, useEffect, useState } from 'react';
import { FIRST_OPTIONS, optionsSchema, type PieceOptions } from '../../core/piece/options.ts';

const KEPT = 'nabbet-options';

function kept(): unknown {
  try {
    return JSON.parse(localStorage.getItem(KEPT) ?? 'null');
  } catch {
    // It was not written by this application: as if nothing had been chosen.
    return null;
  }
}

/** Format, voice and music as they were chosen last. */
export function useLastOptions(): [PieceOptions, (options: PieceOptions) => void] {
  const [options, setOptions] = useState<PieceOptions>(FIRST_OPTIONS);
  useEffect(() => {
    const { value, error } = optionsSchema.validate(kept());
    // What an earlier version kept may name a voice that is gone.
    if (value && !error) setOptions(value);
  }, []);
  return [
    options,
    useCallback((next: PieceOptions) => {
      setOptions(next);
      localStorage.setItem(KEPT, JSON.stringify(next));
    }, []),
  ];
}
