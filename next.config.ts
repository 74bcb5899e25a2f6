import type { NextConfig } from 'next';
import { plotlyAddresses } from './scripts/lib/plotly.mjs';

const { lines, maps } = plotlyAddresses();

const config: NextConfig = {
  serverExternalPackages: ['better-sqlite3', 'piscina'],
  poweredByHeader: false,
  experimental: { serverActions: { bodySizeLimit: '5mb' }, inlineCss: true },
  devIndicators: false,
  env: { CHART_LINES: lines, CHART_MAPS: maps },
};

export default config;
