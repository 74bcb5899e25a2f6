'use client';

import { useState, type ReactNode } from 'react';
import createCache, { type EmotionCache } from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { useServerInsertedHTML } from 'next/navigation';
import { endOfPage, namesInPage, STYLES_IN_PAGE } from './styles-in-page';

const IS_SERVER = typeof window === 'undefined';

/** The styles of a page, and the names of those that no chunk had yet. */
interface Registry {
  cache: EmotionCache;
  fresh: string[];
}

function makeRegistry(): Registry {
  const cache = createCache({ key: 'css', container: endOfPage() });
  cache.compat = true;
  for (const name of namesInPage()) cache.inserted[name] = true;
  const registry: Registry = { cache, fresh: [] };
  if (IS_SERVER) {
    const insert = cache.insert.bind(cache);
    cache.insert = (...args) => {
      const [, { name }] = args;
      if (cache.inserted[name] === undefined) registry.fresh.push(name);
      return insert(...args);
    };
  }
  return registry;
}

function freshStyles(registry: Registry): ReactNode {
  const { cache, fresh } = registry;
  registry.fresh = [];
  if (fresh.length === 0) return null;
  const styles = fresh.map((name) => String(cache.inserted[name])).join('');
  return (
    <style
      {...{ [STYLES_IN_PAGE]: fresh.join(' ') }}
      dangerouslySetInnerHTML={{ __html: styles }}
    />
  );
}

/** Emits the styles of each server chunk with it, so that the page is styled before scripts run. */
export function EmotionRegistry({ children }: { children: ReactNode }) {
  const [registry] = useState(makeRegistry);
  useServerInsertedHTML(() => (IS_SERVER ? freshStyles(registry) : null));
  return <CacheProvider value={registry.cache}>{children}</CacheProvider>;
}
