import * as bench from './bench';
import * as choice from './choice';
import * as fields from './fields';
import * as grip from './grip';
import * as iron from './iron';
import * as methods from './methods';
import * as mistakes from './mistakes';
import * as pairs from './pairs';
import * as plan from './plan';
import * as shelf from './shelf';
import * as ski from './ski';
import * as snow from './snow';
import * as steps from './steps';
import * as terms from './terms';
import * as benchScreen from './screens/bench';
import * as formatsScreen from './screens/formats';
import * as frameScreen from './screens/frame';
import * as gripScreen from './screens/grip';
import * as hostScreen from './screens/host';
import * as ironScreen from './screens/iron';
import * as logScreen from './screens/log';
import * as outingScreen from './screens/outing';
import * as pagesScreen from './screens/pages';
import * as pairsScreen from './screens/pairs';
import * as planScreen from './screens/plan';
import * as pickScreen from './screens/pick';
import * as quickScreen from './screens/quick';
import * as serverScreen from './screens/server';
import * as settingsScreen from './screens/settings';
import * as shelfScreen from './screens/shelf';
import * as skisScreen from './screens/skis';
import * as snowScreen from './screens/snow';
import * as uiScreen from './screens/ui';
import * as venueScreen from './screens/venue';

/** All that Frost Pick says in English. A second language is a second folder of this shape. */
export const en = {
  bench,
  choice,
  fields,
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
  /** What screens, forms, files and the start of the server say, by room and file. */
  screens: {
    bench: benchScreen,
    formats: formatsScreen,
    frame: frameScreen,
    grip: gripScreen,
    host: hostScreen,
    iron: ironScreen,
    log: logScreen,
    outing: outingScreen,
    pages: pagesScreen,
    pairs: pairsScreen,
    pick: pickScreen,
    plan: planScreen,
    quick: quickScreen,
    server: serverScreen,
    settings: settingsScreen,
    shelf: shelfScreen,
    skis: skisScreen,
    snow: snowScreen,
    ui: uiScreen,
    venue: venueScreen,
  },
};
export type Language = typeof en;
