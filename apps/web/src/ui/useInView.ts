import { useEffect, useRef, useState, type RefObject } from 'react';

/** How far outside the window still counts as in view, so that scrolling finds things ready. */
const MARGIN = '120px';

/** Whether a place on the page is in view. @param first what holds until the browser has said so */
export function useInView<T extends Element>(first: boolean): [RefObject<T | null>, boolean] {
  const place = useRef<T>(null);
  const [inView, setInView] = useState(first);
  useEffect(() => {
    const watched = place.current;
    if (!watched) return undefined;
    const observer = new IntersectionObserver(
      (entries) => {
        setInView(entries.at(-1)?.isIntersecting ?? false);
      },
      { rootMargin: MARGIN },
    );
    observer.observe(watched);
    return () => {
      observer.disconnect();
    };
  }, []);
  return [place, inView];
}
