/**
 * The grip an arrow key leads to: along a row to the next one, from row to row in the same column or the
 * nearest that has one. `undefined` for other keys and at the edges.
 */
export function nextGrip(
  table: HTMLElement,
  from: HTMLElement,
  key: string,
): HTMLElement | undefined {
  const grips = [...table.querySelectorAll<HTMLElement>('[data-grip]')];
  const place = placeOf(from);
  const row = grips.filter((grip) => placeOf(grip).row === place.row);
  const at = row.indexOf(from);
  if (key === 'ArrowRight') return row[at + 1];
  if (key === 'ArrowLeft') return row[at - 1];
  if (key !== 'ArrowDown' && key !== 'ArrowUp') return undefined;
  const step = key === 'ArrowDown' ? 1 : -1;
  const rows = [...new Set(grips.map((grip) => placeOf(grip).row))];
  const wanted = rows[rows.indexOf(place.row) + step];
  const off = (grip: HTMLElement): number => Math.abs(placeOf(grip).column - place.column);
  return grips.filter((grip) => placeOf(grip).row === wanted).sort((a, b) => off(a) - off(b))[0];
}

function placeOf(grip: HTMLElement): { row: number; column: number } {
  const [row = 0, column = 0] = (grip.dataset['grip'] ?? '').split(' ').map(Number);
  return { row, column };
}
