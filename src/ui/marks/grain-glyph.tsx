import type { ReactNode } from 'react';
import type { Grain } from '../../core/terms';

const stroke = {
  fill: 'none',
  stroke: 'currentColor',
  strokeWidth: 2,
  strokeLinecap: 'round',
  strokeLinejoin: 'round',
} as const;

const arms = (angles: readonly number[], branches: boolean) =>
  angles.map((angle) => (
    <g key={angle} transform={`rotate(${angle} 16 16)`}>
      <path d="M16 16V4" />
      {branches && <path d="M16 8l-3-3M16 8l3-3M16 12l-2.4-2.4M16 12l2.4-2.4" />}
    </g>
  ));

const SHAPES: Record<Grain, ReactNode> = {
  PP: <g {...stroke}>{arms([0, 60, 120, 180, 240, 300], true)}</g>,
  DF: (
    <g {...stroke}>
      {arms([20, 140], true)}
      {arms([260], false)}
      <path d="M24 7l3 2M5 9l3-3M22 26l4-1" />
    </g>
  ),
  RG: (
    <g fill="currentColor">
      <circle cx="11" cy="12" r="5.5" />
      <circle cx="22" cy="11" r="4" />
      <circle cx="20" cy="22" r="5.5" />
      <circle cx="9" cy="23" r="3.5" />
    </g>
  ),
  FC: (
    <g {...stroke}>
      <path d="M16 4l10.4 6v12L16 28 5.6 22V10z" />
      <path d="M16 4v12M5.6 22L16 16l10.4 6" />
    </g>
  ),
  MF: (
    <g {...stroke}>
      <circle cx="12" cy="11" r="6" />
      <circle cx="21" cy="15" r="6" />
      <circle cx="13" cy="22" r="6" />
    </g>
  ),
  refrozen_crust: (
    <g {...stroke}>
      <path d="M3 9h26" strokeWidth="3.5" />
      <circle cx="10" cy="19" r="4.5" />
      <circle cx="20" cy="18" r="4.5" />
      <circle cx="15" cy="26" r="4" />
    </g>
  ),
  MM: (
    <g fill="currentColor">
      <path d="M5 6h8v7H5zM16 5l8 2-2 7-7-2zM6 17l7-1 1 8-7 1zM18 18h8v8h-8z" />
    </g>
  ),
};

/** A grain class drawn as one sees it through a lens. */
export function GrainGlyph({ grain, size = 32 }: { grain: Grain; size?: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 32 32" aria-hidden>
      {SHAPES[grain]}
    </svg>
  );
}
