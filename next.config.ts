import type { NextConfig } from 'next';
import { plotlyAddresses } from './scripts/lib/plotly.mjs';

const config: NextConfig = {
  serverExternalPackages: ['better-sqlite3', 'piscina'],
  poweredByHeader: false,
  experimental: { serverActions: { bodySizeLimit: '5mb' }, inlineCss: true },
  devIndicators: false,
  env: { CHART_LINES: plotlyAddresses.lines, CHART_MAPS: plotlyAddresses.maps },
};

export default config;
