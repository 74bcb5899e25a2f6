import type { Language } from '../language';
import { bench } from './bench';
import { choice } from './choice';
import { fields } from './fields';
import { glide } from './glide';
import { grip } from './grip';
import { iron } from './iron';
import { methods } from './methods';
import { mistakes } from './mistakes';
import { pairs } from './pairs';
import { plan } from './plan';
import { shelf } from './shelf';
import { ski } from './ski';
import { snow } from './snow';
import { steps } from './steps';
import { terms } from './terms';
import { bench as benchScreen } from './screens/bench';
import { devices as devicesScreen } from './screens/devices';
import { drills as drillsScreen } from './screens/drills';
import { formats as formatsScreen } from './screens/formats';
import { frame as frameScreen } from './screens/frame';
import { grip as gripScreen } from './screens/grip';
import { host as hostScreen } from './screens/host';
import { iron as ironScreen } from './screens/iron';
import { learning as learningScreen } from './screens/learning';
import { log as logScreen } from './screens/log';
import { outbox as outboxScreen } from './screens/outbox';
import { outing as outingScreen } from './screens/outing';
import { pages as pagesScreen } from './screens/pages';
import { pairs as pairsScreen } from './screens/pairs';
import { pick as pickScreen } from './screens/pick';
import { plan as planScreen } from './screens/plan';
import { practice as practiceScreen } from './screens/practice';
import { quick as quickScreen } from './screens/quick';
import { season as seasonScreen } from './screens/season';
import { server as serverScreen } from './screens/server';
import { settings as settingsScreen } from './screens/settings';
import { shelf as shelfScreen } from './screens/shelf';
import { skis as skisScreen } from './screens/skis';
import { snow as snowScreen } from './screens/snow';
import { test as testScreen } from './screens/test';
import { ui as uiScreen } from './screens/ui';
import { venue as venueScreen } from './screens/venue';

/** Norwegian (bokmål), whole. */
export const nb: Language = {
  bench,
  choice,
  fields,
  glide,
  grip,
  iron,
  methods,
  mistakes,
  pairs,
  plan,
  shelf,
  ski,
  snow,
  steps,
  terms,
  'screens/bench': benchScreen,
  'screens/devices': devicesScreen,
  'screens/drills': drillsScreen,
  'screens/formats': formatsScreen,
  'screens/frame': frameScreen,
  'screens/grip': gripScreen,
  'screens/host': hostScreen,
  'screens/iron': ironScreen,
  'screens/learning': learningScreen,
  'screens/log': logScreen,
  'screens/outbox': outboxScreen,
  'screens/outing': outingScreen,
  'screens/pages': pagesScreen,
  'screens/pairs': pairsScreen,
  'screens/pick': pickScreen,
  'screens/plan': planScreen,
  'screens/practice': practiceScreen,
  'screens/quick': quickScreen,
  'screens/season': seasonScreen,
  'screens/server': serverScreen,
  'screens/settings': settingsScreen,
  'screens/shelf': shelfScreen,
  'screens/skis': skisScreen,
  'screens/snow': snowScreen,
  'screens/test': testScreen,
  'screens/ui': uiScreen,
  'screens/venue': venueScreen,
};
