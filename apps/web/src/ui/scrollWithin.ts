/**
 * Brings an item into the visible part of its own list and moves nothing else: `scrollIntoView` would
 * also move the page, and on a tablet the list and the threads are not on one screen.
 */
export function scrollWithin(list: HTMLElement, item: HTMLElement): void {
  const [frame, place] = [list.getBoundingClientRect(), item.getBoundingClientRect()];
  if (place.top < frame.top) list.scrollTop -= frame.top - place.top;
  else if (place.bottom > frame.bottom) list.scrollTop += place.bottom - frame.bottom;
}
