import type { Migration } from 'kysely';
import * as firstSlice from './0001-first-slice';
import * as weatherAndCourse from './0002-weather-and-course';
import * as wholeShelfAndGrip from './0003-whole-shelf-and-grip';
import * as skisAndBench from './0004-skis-and-bench';
import * as safeGround from './0005-safe-ground';
import * as trackWork from './0006-track-work';
import * as practice from './0007-practice';
import * as frontDoor from './0008-front-door';
import * as plan from './0009-plan';
import * as glide from './0010-glide';
import * as learning from './0011-learning';
import * as timeline from './0012-timeline';
import * as exchange from './0013-exchange';
import * as tests from './0014-tests';
import * as devices from './0015-devices';
import * as grainSize from './0016-grain-size';
import * as hub from './0017-hub';
import * as hubDecided from './0018-hub-decided';
import * as drills from './0019-drills';
import * as sharedBook from './0020-shared-book';
import * as undoneGrams from './0021-undone-grams';

/** Every migration in order; a landed one never changes. */
export const MIGRATIONS: Record<string, Migration> = {
  '0001-first-slice': firstSlice,
  '0002-weather-and-course': weatherAndCourse,
  '0003-whole-shelf-and-grip': wholeShelfAndGrip,
  '0004-skis-and-bench': skisAndBench,
  '0005-safe-ground': safeGround,
  '0006-track-work': trackWork,
  '0007-practice': practice,
  '0008-front-door': frontDoor,
  '0009-plan': plan,
  '0010-glide': glide,
  '0011-learning': learning,
  '0012-timeline': timeline,
  '0013-exchange': exchange,
  '0014-tests': tests,
  '0015-devices': devices,
  '0016-grain-size': grainSize,
  '0017-hub': hub,
  '0018-hub-decided': hubDecided,
  '0019-drills': drills,
  '0020-shared-book': sharedBook,
  '0021-undone-grams': undoneGrams,
};
