import type { OutingToSave, Venue } from '../../core/model';
import { addDays } from 'date-fns';
import { instantFromLocal, localFromInstant } from '../../core/time';

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
    groomedAt: '06:00',
  },
  {
    id: 'demo-loop',
    name: 'Oskra Basin, Lantern Loop',
    altitudeM: 660,
    latitude: 46.61,
    longitude: 10.19,
    timeZone: DEMO_ZONE,
    ownCorrectionC: 0,
    groomedAt: '05:30',
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
const LAST_WINTER_MONTH = 1;
const LATEST_HOUR_FOR_TODAY = 15;

/**
 * Midnight of the relay's day: today in winter, tomorrow when it is past three; in other seasons, when
 * the sun would stand wrong, the 16th of the next January.
 */
export function lanternDay(seedMoment: Date): Date {
  const local = localFromInstant(seedMoment.toISOString(), DEMO_ZONE);
  const [year = 0, month = 0] = local.split('-').map(Number);
  const isWinter = month - 1 >= FIRST_WINTER_MONTH || month - 1 <= LAST_WINTER_MONTH;
  if (!isWinter) return new Date(instantFromLocal(`${year + 1}-01-16T00:00`, DEMO_ZONE));
  const hour = Number(local.slice(11, 13));
  const day = hour < LATEST_HOUR_FOR_TODAY ? seedMoment : addDays(seedMoment, 1);
  const date = localFromInstant(day.toISOString(), DEMO_ZONE).slice(0, 10);
  return new Date(instantFromLocal(`${date}T00:00`, DEMO_ZONE));
}

/** The three outings of the Lantern Weekend about its relay's day. */
export function lanternOutings(relayDay: Date): OutingToSave[] {
  const at = (days: number, clock: string) => {
    const day = localFromInstant(addDays(relayDay, days).toISOString(), DEMO_ZONE).slice(0, 10);
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
      startAt: at(-1, '18:30'),
      fluorocarbonsAllowed: false,
    },
    {
      id: 'demo-relay',
      venueId: 'demo-loop',
      name: 'Lantern dusk relay',
      discipline: 'skate',
      purpose: 'race',
      distanceKm: 7.5,
      hoursOnSnow: 2,
      startAt: at(0, '17:00'),
      fluorocarbonsAllowed: false,
    },
    {
      id: 'demo-tour',
      venueId: 'demo-pass',
      name: 'Lantern tour over the pass',
      discipline: 'classic',
      purpose: 'touring',
      distanceKm: 42,
      hoursOnSnow: 4.5,
      startAt: at(1, '09:00'),
      fluorocarbonsAllowed: false,
    },
  ];
}
