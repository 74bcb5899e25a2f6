'use client';

import { useState, type ReactNode } from 'react';
import createCache, { type EmotionCache } from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { useServerInsertedHTML } from 'next/navigation';
import { endOfPage, namesInPage, STYLES_IN_PAGE } from './styles-in-page';

const IS_SERVER = typeof window === 'undefined';

/** A style by its name; one without a selector is of the whole page. */
interface Emitted {
  name: string;
  isGlobal: boolean;
}

/** The styles of a page, and those of them that the last chunk did not have yet. */
interface Registry {
  cache: EmotionCache;
  fresh: Emitted[];
}

function makeRegistry(): Registry {
  const cache = createCache({ key: 'css', container: endOfPage() });
  cache.compat = true;
  for (const name of namesInPage()) cache.inserted[name] = true;
  const registry: Registry = { cache, fresh: [] };
  if (IS_SERVER) {
    const insert = cache.insert.bind(cache);
    cache.insert = (...args) => {
      const [selector, { name }] = args;
      if (cache.inserted[name] === undefined) {
        registry.fresh.push({ name, isGlobal: selector === '' });
      }
      return insert(...args);
    };
  }
  return registry;
}

function freshStyles(registry: Registry): ReactNode {
  const { cache, fresh } = registry;
  registry.fresh = [];
  if (fresh.length === 0) return null;
  const styles = fresh.map(({ name }) => String(cache.inserted[name])).join('');
  const names = fresh.filter(({ isGlobal }) => !isGlobal).map(({ name }) => name);
  return (
    <style
      {...{ [STYLES_IN_PAGE]: names.join(' ') }}
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
