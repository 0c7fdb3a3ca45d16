export const ANGLES = ['problem and answer', 'honest review', 'three reasons', 'news', 'offer'] as const;
/** From which side a product is told. */
export type Angle = (typeof ANGLES)[number];

export const ANGLE_LABELS: Record<Angle, string> = {
  'problem and answer': 'Problem and answer',
  'honest review': 'Honest review',
  'three reasons': 'Three reasons',
  news: 'News',
  offer: 'Offer',
};
