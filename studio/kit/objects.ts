import type { Drawings } from '../catalogue/slots.ts';
import { APPLIANCES } from './objects/appliances.ts';
import { ARTS } from './objects/arts.ts';
import { BUILDING } from './objects/building.ts';
import { CARRIED } from './objects/carried.ts';
import { CLOTHING } from './objects/clothing.ts';
import { DEVICES } from './objects/devices.ts';
import { DRINKS } from './objects/drinks.ts';
import { EMBLEMS } from './objects/emblems.ts';
import { FARM_ANIMALS } from './objects/farm-animals.ts';
import { FEAST } from './objects/feast.ts';
import { FOREST_ANIMALS } from './objects/forest-animals.ts';
import { FURNITURE } from './objects/furniture.ts';
import { GADGETS } from './objects/gadgets.ts';
import { GESTURES } from './objects/gestures.ts';
import { HEALTH } from './objects/health.ts';
import { HOUSEHOLD } from './objects/household.ts';
import { LARGE_ANIMALS } from './objects/large-animals.ts';
import { LEARNING } from './objects/learning.ts';
import { MARVELS } from './objects/marvels.ts';
import { MEALS } from './objects/meals.ts';
import { MEASURE } from './objects/measure.ts';
import { MESSAGES } from './objects/messages.ts';
import { MONEY } from './objects/money.ts';
import { ODDITIES } from './objects/oddities.ts';
import { ORDER } from './objects/order.ts';
import { OUTING } from './objects/outing.ts';
import { PETS } from './objects/pets.ts';
import { PLAY } from './objects/play.ts';
import { POND_ANIMALS } from './objects/pond-animals.ts';
import { PROGRAMS } from './objects/programs.ts';
import { RULES } from './objects/rules.ts';
import { SIGNS } from './objects/signs.ts';
import { SPORTS } from './objects/sports.ts';
import { TOOLS } from './objects/tools.ts';
import { TOYS } from './objects/toys.ts';
import { TREATS } from './objects/treats.ts';
import { VEHICLES } from './objects/vehicles.ts';

/** Things that stand for something, by name; one staging serves them all. */
export const objects = {
  ...FARM_ANIMALS,
  ...PETS,
  ...FOREST_ANIMALS,
  ...LARGE_ANIMALS,
  ...POND_ANIMALS,
  ...MEALS,
  ...TREATS,
  ...DRINKS,
  ...APPLIANCES,
  ...DEVICES,
  ...VEHICLES,
  ...HEALTH,
  ...FURNITURE,
  ...BUILDING,
  ...CLOTHING,
  ...TOYS,
  ...ARTS,
  ...SPORTS,
  ...ORDER,
  ...MONEY,
  ...MESSAGES,
  ...PROGRAMS,
  ...RULES,
  ...GESTURES,
  ...MARVELS,
  ...FEAST,
  ...PLAY,
  ...HOUSEHOLD,
  ...OUTING,
  ...LEARNING,
  ...SIGNS,
  ...MEASURE,
  ...TOOLS,
  ...GADGETS,
  ...CARRIED,
  ...ODDITIES,
  ...EMBLEMS,
} satisfies Drawings;
