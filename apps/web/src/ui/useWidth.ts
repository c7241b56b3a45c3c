import { useLayoutEffect, useRef, useState, type RefObject } from 'react';

/** The width of an element in whole pixels, kept current. 900 before it is measured. */
export function useWidth(): [RefObject<HTMLDivElement | null>, number] {
  const element = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(900);
  useLayoutEffect(() => {
    const node = element.current;
    if (!node) return undefined;
    const observer = new ResizeObserver(([entry]) => {
      const measured = Math.floor(entry?.contentRect.width ?? 0);
      // An element that is not laid out, as on the way to the printer, has none; nothing is drawn to it.
      if (measured > 0) setWidth(measured);
    });
    observer.observe(node);
    return () => {
      observer.disconnect();
    };
  }, []);
  return [element, width];
}
