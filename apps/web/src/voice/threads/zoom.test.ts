import { DEFAULT_ZOOM, zoomAt, zooms } from './zoom';

it('where four bars would be too narrow for their symbols two stand on a line', () => {
  expect(zoomAt(DEFAULT_ZOOM, 360).bars).toBe(2);
  expect(zoomAt(DEFAULT_ZOOM, 820).bars).toBe(4);
  expect(zoomAt(DEFAULT_ZOOM, 0).bars).toBe(4);
});

it('the whole form stays the whole form on a phone: its symbols are cut, and say so', () => {
  expect(zoomAt(zooms.length - 1, 360).bars).toBe(16);
});
