import { useCallback, useRef, useState, type RefCallback, type RefObject } from 'react';

/** As wide as a page is taken to be until it is known, in pixels. */
const UNKNOWN = 900;

/**
 * The width of an element inside its padding, in whole pixels: what attaches it, the width, and the element itself.
 *
 * It is measured before anything is painted, so that a phone never shows a picture that is wider than its page, and
 * kept current. An element that is not laid out, as on the way to the printer, has none, and keeps the last it had.
 */
export function useWidth(): [
  attach: RefCallback<HTMLDivElement>,
  width: number,
  element: RefObject<HTMLDivElement | null>,
] {
  const element = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(UNKNOWN);
  const attach = useCallback((node: HTMLDivElement) => {
    element.current = node;
    const take = (measured: number): void => {
      if (measured > 0) setWidth(Math.floor(measured));
    };
    take(widthInside(node));
    const observer = new ResizeObserver(([entry]) => {
      take(entry?.contentRect.width ?? 0);
    });
    observer.observe(node);
    return () => {
      observer.disconnect();
      element.current = null;
    };
  }, []);
  return [attach, width, element];
}

/** What an observer would say of it: without its padding and border, and before any transform. */
function widthInside(node: HTMLElement): number {
  const { paddingLeft, paddingRight } = getComputedStyle(node);
  return node.clientWidth - parseFloat(paddingLeft) - parseFloat(paddingRight);
}
