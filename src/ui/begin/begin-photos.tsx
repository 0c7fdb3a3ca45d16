'use client';

import { useMutation } from '@tanstack/react-query';
import { useRouter } from 'next/navigation';
import { useEffect, useRef } from 'react';
import { createSource } from '../../api/sources.ts';
import { call } from '../shared/api.ts';
import { CannotOpen, Opening } from '../shared/opening.tsx';
import './begin.css';

/** A new photo set; it is kept from the first moment, so that nothing is lost on the way. */
export function BeginPhotos() {
  const router = useRouter();
  const begun = useRef(false);
  const begin = useMutation({
    mutationFn: () => call(createSource, { body: { from: 'photos', title: '' } }),
    onSuccess: ({ id }) => router.replace(`/outline/${id}`),
  });
  const { mutate } = begin;
  useEffect(() => {
    if (begun.current) return;
    begun.current = true;
    mutate();
  }, [mutate]);
  if (begin.isError)
    return <CannotOpen title="The photo set cannot be begun" error={begin.error} onAgain={() => mutate()} />;
  return <Opening what="Getting ready for your photos" />;
}
