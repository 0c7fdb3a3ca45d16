import type { Metadata } from 'next';
import { ReviewScreen } from '../../../ui/review/review-screen.tsx';

export const metadata: Metadata = {
  title: 'For review',
  robots: { index: false, follow: false },
  referrer: 'no-referrer',
};

export default async function Page({ params }: { params: Promise<{ secret: string }> }) {
  return <ReviewScreen secret={(await params).secret} />;
}
