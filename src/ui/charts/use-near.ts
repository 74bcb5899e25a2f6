import { useEffect, useState, type RefObject } from 'react';

/** Drawn as it comes into view: what draws it is the heaviest script there is. */
const MARGIN = '40px';

/** Whether a place came near the view, or is about to be printed; it stays so. */
export function useNear(place: RefObject<Element | null>): boolean {
  const [isNear, setIsNear] = useState(false);
  useEffect(() => {
    const element = place.current;
    if (isNear || !element) return undefined;
    const show = () => setIsNear(true);
    const watch = new IntersectionObserver(
      (entries) => entries.some((one) => one.isIntersecting) && show(),
      { rootMargin: MARGIN },
    );
    watch.observe(element);
    window.addEventListener('beforeprint', show);
    return () => {
      watch.disconnect();
      window.removeEventListener('beforeprint', show);
    };
  }, [isNear, place]);
  return isNear;
}
