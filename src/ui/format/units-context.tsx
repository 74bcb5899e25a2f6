'use client';

import { createContext, useContext, type ReactNode } from 'react';
import { DEFAULT_UNITS, type Units } from '../../words/units';

const UnitsContext = createContext<Units>(DEFAULT_UNITS);

export function UnitsProvider({ units, children }: { units: Units; children: ReactNode }) {
  return <UnitsContext value={units}>{children}</UnitsContext>;
}

/** The units of this device. */
export function useUnits(): Units {
  return useContext(UnitsContext);
}
