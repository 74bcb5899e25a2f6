import type { NextConfig } from 'next';
import { PHASE_PRODUCTION_SERVER } from 'next/constants';
import { plotlyAddresses } from './scripts/lib/plotly.mjs';

/** What the app is built with; a server that only runs what is built need not look at Plotly. */
function builtWith(phase: string): Record<string, string | undefined> {
  if (phase === PHASE_PRODUCTION_SERVER) return {};
  const { lines, maps } = plotlyAddresses();
  return { CHART_LINES: lines, CHART_MAPS: maps };
}

const config = (phase: string): NextConfig => ({
  // Yjs must be there once: its documents know each other by their classes.
  serverExternalPackages: ['better-sqlite3', 'piscina', 'yjs', 'lib0'],
  poweredByHeader: false,
  experimental: { serverActions: { bodySizeLimit: '5mb' }, inlineCss: true },
  devIndicators: false,
  // The types have a check of their own in `npm test`; here they would double the time of a first start.
  typescript: { ignoreBuildErrors: true },
  env: builtWith(phase),
});

export default config;
