'use client';

import { Button, Input, Result } from 'antd';
import { useState } from 'react';
import { ApiError } from '../shared/api.ts';
import { Opening } from '../shared/opening.tsx';
import { Galley } from './galley.tsx';
import { useReview, useReviewing } from './use-review.ts';
import './review.css';

/** What a link opens: one piece to watch and to comment on, and nothing else. */
export function ReviewScreen({ secret }: { secret: string }) {
  const review = useReview(secret);
  if (review.isPending) return <Opening what="The video is being opened" />;
  if (review.isError && !review.data) {
    const code = review.error instanceof ApiError ? review.error.failure.code : 'unknown';
    if (code === 'review-locked') return <Password secret={secret} />;
    const final = code === 'no-review' || code === 'review-over';
    return (
      <main className="review review--alone">
        <Result
          status="warning"
          title={final ? 'Nothing is shown here' : 'The video cannot be opened'}
          subTitle={review.error.message}
          extra={!final && <Button onClick={() => review.refetch()}>Try again</Button>}
        />
      </main>
    );
  }
  return <Galley secret={secret} page={review.data} />;
}

function Password({ secret }: { secret: string }) {
  const { enter } = useReviewing(secret);
  const [password, setPassword] = useState('');
  return (
    <main className="review review--alone">
      <h1>A password, please</h1>
      <p>Whoever sent you this link knows it.</p>
      <form
        className="review__password"
        onSubmit={(e) => {
          e.preventDefault();
          if (password) enter.mutate(password);
        }}
      >
        <Input.Password
          autoFocus
          aria-label="Password"
          value={password}
          onChange={(e) => setPassword(e.target.value)}
        />
        <Button type="primary" htmlType="submit" loading={enter.isPending} disabled={!password}>
          Open
        </Button>
      </form>
    </main>
  );
}
