'use client';

import {
  createElement,
  lazy,
  startTransition,
  Suspense,
  useEffect,
  useState,
  type ComponentType,
  type ReactNode,
} from 'react';
import { Box, type BoxProps } from '@chakra-ui/react';

/** The room that a part keeps until it is there: so high, that nothing moves when it comes. */
export const room = (size: Pick<BoxProps, 'minH' | 'id'>) =>
  function Room() {
    return <Box aria-busy {...size} />;
  };

/**
 * A part of a page that comes once the page has begun: its program is fetched then, and drawn in small steps that leave
 * room for taps, each part by itself. Until then `place` keeps its room.
 */
export function afterPage<P extends object>(
  load: () => Promise<ComponentType<P>>,
  place: () => ReactNode = () => null,
): ComponentType<P> {
  const Part = lazy(async () => ({ default: await load() }));
  return function AfterPage(props: P) {
    const [isTime, setIsTime] = useState(false);
    useEffect(() => {
      const timer = setTimeout(() => startTransition(() => setIsTime(true)));
      return () => clearTimeout(timer);
    }, []);
    if (!isTime) return place();
    return <Suspense fallback={place()}>{createElement(Part, props)}</Suspense>;
  };
}
