import type { LookReason } from '../core/look/choose.ts';
import type { FamilyKind } from '../core/look/families.ts';
import type { MoodOfLook } from '../core/look/moods.ts';
import type { RevealOrder } from '../core/look/reveals.ts';
import type { Align } from '../core/look/types.ts';
import type { Ground, SceneLook, Stress } from '../core/piece/appearance.ts';

/** What can be changed of a look. */
export const styleWords: Record<keyof SceneLook, string> = {
  look: 'Look',
  reveal: 'Reveal',
  delayMs: 'Delay',
  restDelayMs: 'Delay of the small part',
  revealMs: 'Length of the reveal',
  order: 'Order of lines',
  goneMs: 'Gone before the end',
  ahead: 'Words before they are said',
  family: 'Typeface',
  weight: 'Weight',
  italic: 'Italics',
  upper: 'Capitals',
  size: 'Size',
  tracking: 'Tracking',
  leading: 'Leading',
  colour: 'Colour of words',
  ground: 'Ground',
  groundColour: 'Colour of the ground',
  stress: 'Stressed words',
  stressColour: 'Their colour',
  align: 'Alignment',
  places: 'Place',
};

/** What is seen of words that the voice has not come to yet. */
export const aheadWords = (ahead: boolean): string => (ahead ? 'Faint' : 'Not there yet');

export const groundWords: Record<Ground, string> = {
  none: 'Nothing',
  strip: 'Strip under each line',
  panel: 'One panel',
  shade: 'Shade of the picture',
  outline: 'Outline of the letters',
};

export const orderWords: Record<RevealOrder, string> = {
  down: 'From the first line',
  up: 'From the last line',
  together: 'All lines together',
};

export const stressWords: Record<Stress, string> = {
  colour: 'Another colour',
  plate: 'A plate behind',
  stroke: 'A stroke along the foot',
  weight: 'Bolder letters',
};

export const alignWords: Record<Align, string> = { left: 'Left', centre: 'Centre', right: 'Right' };

export const familyKindWords: Record<FamilyKind, string> = {
  text: 'Text',
  display: 'Display',
  condensed: 'Condensed',
  serif: 'Serif',
  hand: 'Hand',
  mono: 'Even pitch',
  script: 'Scripts',
};

const MOODS: Record<MoodOfLook, string> = {
  news: 'news',
  loud: 'something loud',
  warm: 'something warm',
  calm: 'something calm',
  elegant: 'something elegant',
  playful: 'something playful',
  technical: 'technical matters',
  literary: 'words to be read closely',
  shop: 'something to buy',
  nostalgic: 'something of former days',
  sober: 'something serious',
};

function reasonOf(r: LookReason): string {
  switch (r.code) {
    case 'source':
      return {
        article: 'it is an article',
        product: 'it is about a product',
        photos: 'it is made of photos',
      }[r.kind];
    case 'words':
      return `“${r.words.join('”, “')}” speak${r.words.length > 1 ? '' : 's'} of ${MOODS[r.mood]}`;
    case 'short-lines':
      return 'its lines are short and stand by themselves';
    case 'calls':
      return 'it calls out';
    case 'figures':
      return 'it is full of figures';
    case 'music':
      return `its music is for ${MOODS[r.mood]}`;
    default:
      return r satisfies never;
  }
}

/** Why a look suits a piece; empty where nothing speaks for one. */
export const lookReasonWords = (reasons: readonly LookReason[]): string =>
  reasons.map(reasonOf).join(', and ');
