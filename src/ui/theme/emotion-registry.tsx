'use client';

import { useState, type ReactNode } from 'react';
import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { useServerInsertedHTML } from 'next/navigation';

/** A style by its name; one without a selector is of the whole page. */
interface Emitted {
  name: string;
  isGlobal: boolean;
}

function makeRegistry() {
  const cache = createCache({ key: 'css' });
  cache.compat = true;
  const insert = cache.insert.bind(cache);
  let fresh: Emitted[] = [];
  cache.insert = (...args) => {
    const [selector, { name }] = args;
    if (cache.inserted[name] === undefined) fresh.push({ name, isGlobal: selector === '' });
    return insert(...args);
  };
  const flush = () => {
    const flushed = fresh;
    fresh = [];
    return flushed;
  };
  return { cache, flush };
}

/**
 * Emits the styles of each server chunk with it, so that the page is styled before scripts run. Those of the whole page
 * stand each alone, under the name by which the browser takes them over: else it would parse them all a second time.
 */
export function EmotionRegistry({ children }: { children: ReactNode }) {
  const [{ cache, flush }] = useState(makeRegistry);

  useServerInsertedHTML(() => {
    const fresh = flush();
    const cssOf = ({ name }: Emitted) => ({ __html: String(cache.inserted[name]) });
    const local = fresh.filter(({ isGlobal }) => !isGlobal);
    const styles = local.map((one) => cssOf(one).__html).join('');
    return (
      <>
        {fresh
          .filter(({ isGlobal }) => isGlobal)
          .map((one) => (
            <style
              key={one.name}
              data-emotion={`${cache.key}-global ${one.name}`}
              dangerouslySetInnerHTML={cssOf(one)}
            />
          ))}
        {local.length > 0 && (
          <style
            data-emotion={[cache.key, ...local.map(({ name }) => name)].join(' ')}
            dangerouslySetInnerHTML={{ __html: styles }}
          />
        )}
      </>
    );
  });

  return <CacheProvider value={cache}>{children}</CacheProvider>;
}
