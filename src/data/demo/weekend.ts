import { addDays, nextFriday, isFriday, startOfDay } from 'date-fns';
import { tz } from '@date-fns/tz';
import { instantFromLocal, localFromInstant } from '../../core/time';
import type { OutingToSave } from '../outings';
import type { Venue } from '../venues';

export const DEMO_ZONE = 'CET';

/** The made-up Oskra Basin: a lit slope, a loop of machine-made snow, a pass of natural snow. */
export const DEMO_VENUES: readonly Venue[] = [
  {
    id: 'demo-slope',
    name: 'Oskra Basin, lit slope',
    altitudeM: 780,
    latitude: 46.62,
    longitude: 10.21,
    timeZone: DEMO_ZONE,
    ownCorrectionC: 0,
  },
  {
    id: 'demo-loop',
    name: 'Oskra Basin, Lantern Loop',
    altitudeM: 660,
    latitude: 46.61,
    longitude: 10.19,
    timeZone: DEMO_ZONE,
    ownCorrectionC: 0,
  },
  {
    id: 'demo-pass',
    name: 'Oskra Basin, over the pass',
    altitudeM: 1240,
    latitude: 46.66,
    longitude: 10.28,
    timeZone: DEMO_ZONE,
    ownCorrectionC: -0.5,
  },
];

const FIRST_WINTER_MONTH = 10;
const LAST_WINTER_MONTH = 2;

/** The Friday of the demo weekend: the next one in winter, otherwise the third of January. */
export function lanternFriday(seedDay: Date): Date {
  const zone = { in: tz(DEMO_ZONE) };
  const today = startOfDay(seedDay, zone);
  const month = today.getMonth();
  if (month >= FIRST_WINTER_MONTH || month <= LAST_WINTER_MONTH) {
    return isFriday(today) ? today : nextFriday(today);
  }
  const year = today.getFullYear() + 1;
  const lastOfYear = startOfDay(new Date(Date.UTC(year - 1, 11, 31, 12)), zone);
  return addDays(nextFriday(lastOfYear), 14);
}

/** The three outings of the Lantern Weekend of a Friday. */
export function lanternOutings(friday: Date): OutingToSave[] {
  const at = (days: number, clock: string) => {
    const day = localFromInstant(addDays(friday, days).toISOString(), DEMO_ZONE).slice(0, 10);
    return instantFromLocal(`${day}T${clock}`, DEMO_ZONE);
  };
  return [
    {
      id: 'demo-slalom',
      venueId: 'demo-slope',
      name: 'Lantern youth giant slalom',
      discipline: 'alpine',
      purpose: 'race',
      distanceKm: 1.2,
      startAt: at(0, '18:30'),
      fluorocarbonsAllowed: false,
    },
    {
      id: 'demo-relay',
      venueId: 'demo-loop',
      name: 'Lantern dusk relay',
      discipline: 'skate',
      purpose: 'race',
      distanceKm: 7.5,
      startAt: at(1, '17:00'),
      fluorocarbonsAllowed: false,
    },
    {
      id: 'demo-tour',
      venueId: 'demo-pass',
      name: 'Lantern tour over the pass',
      discipline: 'classic',
      purpose: 'touring',
      distanceKm: 42,
      startAt: at(2, '09:00'),
      fluorocarbonsAllowed: false,
    },
  ];
}
