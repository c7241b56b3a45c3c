import type { ReactElement } from 'react';
import { flushSync } from 'react-dom';
import { createRoot } from 'react-dom/client';

/** A picture as a file of its own: the first `svg` of what is drawn. Source: SVG 1.1. */
export function svgFile(picture: ReactElement): Uint8Array {
  const host = document.createElement('div');
  const root = createRoot(host);
  flushSync(() => {
    root.render(picture);
  });
  const svg = host.querySelector('svg');
  const text = svg ? new XMLSerializer().serializeToString(svg) : '';
  root.unmount();
  return new TextEncoder().encode(`<?xml version="1.0" encoding="UTF-8"?>\n${text}\n`);
}
