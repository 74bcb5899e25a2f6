'use client';

import { useState, type ReactNode } from 'react';
import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { useServerInsertedHTML } from 'next/navigation';

/** Emits the styles of each server chunk with it, so that the page is styled before scripts run. */
export function EmotionRegistry({ children }: { children: ReactNode }) {
  const [{ cache, flush }] = useState(() => {
    const made = createCache({ key: 'css' });
    made.compat = true;
    const insert = made.insert.bind(made);
    let names: string[] = [];
    made.insert = (...args) => {
      const serialized = args[1];
      if (made.inserted[serialized.name] === undefined) names.push(serialized.name);
      return insert(...args);
    };
    return {
      cache: made,
      flush: () => {
        const flushed = names;
        names = [];
        return flushed;
      },
    };
  });

  useServerInsertedHTML(() => {
    const names = flush();
    if (names.length === 0) return null;
    const styles = names.map((name) => cache.inserted[name]).join('');
    return (
      <style
        data-emotion={`${cache.key} ${names.join(' ')}`}
        dangerouslySetInnerHTML={{ __html: styles }}
      />
    );
  });

  return <CacheProvider value={cache}>{children}</CacheProvider>;
}
