import type { NextConfig } from 'next';

const config: NextConfig = {
  serverExternalPackages: ['better-sqlite3', 'piscina'],
  poweredByHeader: false,
  experimental: { serverActions: { bodySizeLimit: '5mb' }, inlineCss: true },
  devIndicators: false,
};

export default config;
