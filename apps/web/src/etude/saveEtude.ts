import { positionsIn, readWritten, storeArrangement, type Etude } from '@drop-close/core';
import { api } from '../api/client';

/** Puts an étude in the book as a tune and its arrangement. @returns the tune's id */
export async function saveEtude(etude: Etude, tempo: number): Promise<string> {
  const { title, text, key, setup } = etude;
  const tune = await api.createTune({ title, text, key, meter: '4/4', tempo, feel: 'straight' });
  const [arrangement] = tune.arrangements;
  if (arrangement) {
    const positions = positionsIn(readWritten(tune).chart, tune.places);
    const fields = { name: arrangement.name, setup: storeArrangement(setup, positions) };
    await api.saveArrangement(arrangement.id, fields, arrangement.version);
  }
  return tune.id;
}
