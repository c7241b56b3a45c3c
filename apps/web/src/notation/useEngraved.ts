import { useEffect, useRef, type RefObject } from 'react';
import { engraver } from './engraver';

type Engraver = NonNullable<Awaited<ReturnType<typeof engraver>>>;

/**
 * Draws into a place as soon as it has a width, and again when that is another: in a panel that is folded away it has
 * none. The engraver comes with the first staff that shows.
 * @param draw the same function while it draws the same
 */
export function useEngraved(
  draw: (loaded: Engraver, place: HTMLDivElement) => void,
): RefObject<HTMLDivElement | null> {
  const host = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const place = host.current;
    if (!place) return undefined;
    let gone = false;
    let drawn = 0;
    const engrave = async (): Promise<void> => {
      const loaded = await engraver();
      // The glyphs are text: before their font is there they would be measured wrong.
      await document.fonts.ready;
      if (!loaded || gone) return;
      // It may have been folded away meanwhile.
      if (place.clientWidth) draw(loaded, place);
      else drawn = 0;
    };
    const observer = new ResizeObserver(() => {
      const width = place.clientWidth;
      if (!width || width === drawn) return;
      drawn = width;
      void engrave();
    });
    observer.observe(place);
    return () => {
      gone = true;
      observer.disconnect();
    };
  }, [draw]);
  return host;
}
