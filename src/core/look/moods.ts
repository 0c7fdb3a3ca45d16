/** What looks suit and pieces are: how the first draft finds a look. */
export type MoodOfLook =
  | 'news'
  | 'loud'
  | 'warm'
  | 'calm'
  | 'elegant'
  | 'playful'
  | 'technical'
  | 'literary'
  | 'shop'
  | 'nostalgic'
  | 'sober';
