import { positionsIn, readWritten, storeArrangement, type Etude } from '@drop-close/core';
import { api } from '../api/client';

/**
 * Puts an étude in the book as a tune and its arrangement, one in single notes with its line.
 * @returns the tune's id
 */
export async function saveEtude(etude: Etude, tempo: number): Promise<string> {
  const { title, text, key, setup, line } = etude;
  const tune = await api.createTune({ title, text, key, meter: '4/4', tempo, feel: 'straight' });
  const [arrangement] = tune.arrangements;
  if (arrangement) {
    const positions = positionsIn(readWritten(tune).chart, tune.places);
    const solo = line && (await api.createSolo(tune.id, { name: 'The étude', line }));
    const comp = solo ? { ...setup.comp, behind: solo.id } : setup.comp;
    const stored = storeArrangement({ ...setup, comp }, positions);
    const fields = { name: arrangement.name, setup: stored };
    await api.saveArrangement(arrangement.id, fields, arrangement.version);
  }
  return tune.id;
}
