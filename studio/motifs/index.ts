import type { Motif } from '../kit/paint.ts';
import { motif as bakerHands } from './baker-hands.ts';
import { motif as bicyclesDusk } from './bicycles-dusk.ts';
import { motif as birdBranch } from './bird-branch.ts';
import { motif as brokenPile } from './broken-pile.ts';
import { motif as calendar } from './calendar.ts';
import { motif as canalBoat } from './canal-boat.ts';
import { motif as classroom } from './classroom.ts';
import { motif as clockClose } from './clock-close.ts';
import { motif as coinsJar } from './coins-jar.ts';
import { motif as deskTyping } from './desk-typing.ts';
import { motif as dogWalk } from './dog-walk.ts';
import { motif as faceThink } from './face-think.ts';
import { motif as forkRoad } from './fork-road.ts';
import { motif as handshake } from './handshake.ts';
import { motif as harbourDawn } from './harbour-dawn.ts';
import { motif as hikerAutumn } from './hiker-autumn.ts';
import { motif as hillsCalm } from './hills-calm.ts';
import { motif as lanternMarket } from './lantern-market.ts';
import { motif as letterPost } from './letter-post.ts';
import { motif as letterReading } from './letter-reading.ts';
import { motif as lightBulb } from './light-bulb.ts';
import { motif as lighthouseStorm } from './lighthouse-storm.ts';
import { motif as marketStall } from './market-stall.ts';
import { motif as meetingTable } from './meeting-table.ts';
import { motif as newspaper } from './newspaper.ts';
import { motif as orchard } from './orchard.ts';
import { motif as paperWaves } from './paper-waves.ts';
import { motif as phoneHand } from './phone-hand.ts';
import { motif as place } from './place.ts';
import { motif as radioMender } from './radio-mender.ts';
import { motif as rainWindow } from './rain-window.ts';
import { motif as runnerDawn } from './runner-dawn.ts';
import { motif as seedlingHands } from './seedling-hands.ts';
import { motif as sewing } from './sewing.ts';
import { motif as shopDoor } from './shop-door.ts';
import { motif as snowStreet } from './snow-street.ts';
import { motif as stepsRising } from './steps-rising.ts';
import { motif as stillLife } from './still-life.ts';
import { motif as toasterBench } from './toaster-bench.ts';
import { motif as twoCups } from './two-cups.ts';

/** Every motif by the name that catalogue rows use. */
export const MOTIFS: Record<string, Motif> = {
  'baker-hands': bakerHands,
  'bicycles-dusk': bicyclesDusk,
  'bird-branch': birdBranch,
  'broken-pile': brokenPile,
  calendar,
  'canal-boat': canalBoat,
  classroom,
  'clock-close': clockClose,
  'coins-jar': coinsJar,
  'desk-typing': deskTyping,
  'dog-walk': dogWalk,
  'face-think': faceThink,
  'fork-road': forkRoad,
  handshake,
  'harbour-dawn': harbourDawn,
  'hiker-autumn': hikerAutumn,
  'hills-calm': hillsCalm,
  'lantern-market': lanternMarket,
  'letter-post': letterPost,
  'letter-reading': letterReading,
  'light-bulb': lightBulb,
  'lighthouse-storm': lighthouseStorm,
  'market-stall': marketStall,
  'meeting-table': meetingTable,
  newspaper,
  orchard,
  'paper-waves': paperWaves,
  'phone-hand': phoneHand,
  place,
  'radio-mender': radioMender,
  'rain-window': rainWindow,
  'runner-dawn': runnerDawn,
  'seedling-hands': seedlingHands,
  sewing,
  'shop-door': shopDoor,
  'snow-street': snowStreet,
  'steps-rising': stepsRising,
  'still-life': stillLife,
  'toaster-bench': toasterBench,
  'two-cups': twoCups,
};
