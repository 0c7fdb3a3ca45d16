import type { Drawings } from '../catalogue/slots.ts';
import { FARM } from './places/farm.ts';
import { HEIGHTS } from './places/heights.ts';
import { INDUSTRY } from './places/industry.ts';
import { MEADOWS } from './places/meadows.ts';
import { STREETS } from './places/streets.ts';
import { BURDEN } from './scenes/burden.ts';
import { CARE } from './scenes/care.ts';
import { CHILDHOOD } from './scenes/childhood.ts';
import { CHORES } from './scenes/chores.ts';
import { CLEANING } from './scenes/cleaning.ts';
import { COUNTERS } from './scenes/counters.ts';
import { CRAFTS } from './scenes/crafts.ts';
import { DAILY } from './scenes/daily.ts';
import { DAYS } from './scenes/days.ts';
import { DUTIES } from './scenes/duties.ts';
import { EVENING } from './scenes/evening.ts';
import { FAMILY } from './scenes/family.ts';
import { FEATS } from './scenes/feats.ts';
import { HALLS } from './scenes/halls.ts';
import { HANDWORK } from './scenes/handwork.ts';
import { HOUSEHOLD } from './scenes/household.ts';
import { LEARNING } from './scenes/learning.ts';
import { MACHINES } from './scenes/machines.ts';
import { OFFICE } from './scenes/office.ts';
import { PATTERNS } from './scenes/patterns.ts';
import { SERVING } from './scenes/serving.ts';
import { SPORT } from './scenes/sport.ts';
import { STAGES } from './scenes/stages.ts';
import { STRIVING } from './scenes/striving.ts';
import { TOGETHER } from './scenes/together.ts';
import { TRAVEL } from './scenes/travel.ts';
import { WATERS } from './scenes/waters.ts';
import { WAYS } from './scenes/ways.ts';
import { WEATHER } from './scenes/weather.ts';

/** Places by name. */
export const places = {
  ...MEADOWS,
  ...HEIGHTS,
  ...FARM,
  ...STREETS,
  ...INDUSTRY,
  ...SPORT,
  ...FEATS,
  ...TRAVEL,
  ...TOGETHER,
  ...EVENING,
  ...FAMILY,
  ...HOUSEHOLD,
  ...LEARNING,
  ...OFFICE,
  ...SERVING,
  ...HANDWORK,
  ...CARE,
  ...CLEANING,
  ...STRIVING,
  ...BURDEN,
  ...WAYS,
  ...MACHINES,
  ...DAILY,
  ...PATTERNS,
  ...CHORES,
  ...CHILDHOOD,
  ...CRAFTS,
  ...DUTIES,
  ...DAYS,
  ...STAGES,
  ...HALLS,
  ...COUNTERS,
  ...WEATHER,
  ...WATERS,
} satisfies Drawings;
