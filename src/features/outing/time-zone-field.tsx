'use client';

import { useEffect, useSyncExternalStore } from 'react';
import { SelectField } from '@/ui/fields/select-field';
import { outingScreenWords } from '@/words/screens/outing';

const WORDS = outingScreenWords.newOutingScreen;

const ownZone = () => Intl.DateTimeFormat().resolvedOptions().timeZone;
const NONE: readonly string[] = [];
let known: readonly string[] | undefined;
/** This device's own zone first, then all that its browser has. */
const allZones = () => (known ??= [...new Set([ownZone(), ...Intl.supportedValuesOf('timeZone')])]);
const never = () => () => undefined;

interface TimeZoneFieldProps {
  value: string;
  onChange: (timeZone: string) => void;
}

/** The clock of a place; a letter typed finds a zone. Empty: this device's own is taken. */
export function TimeZoneField({ value, onChange }: TimeZoneFieldProps) {
  // Only the browser knows its own clock and which zones it has.
  const zones = useSyncExternalStore(never, allZones, () => NONE);
  useEffect(() => {
    if (value === '') onChange(ownZone());
  }, [value, onChange]);
  const options = value === '' || zones.includes(value) ? zones : [value, ...zones];
  return (
    <SelectField
      label={WORDS.timeZone}
      value={value}
      options={options.map((zone) => ({ value: zone, label: zone.replaceAll('_', ' ') }))}
      onChange={onChange}
    />
  );
}
