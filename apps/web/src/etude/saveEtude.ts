import type { Etude } from '@drop-close/core';
import { api } from '../api/client';

/** Puts an étude in the book as a tune and its arrangement. @returns the tune's id */
export async function saveEtude(etude: Etude, tempo: number): Promise<string> {
  const { title, text, key, setup } = etude;
  const tune = await api.createTune({ title, text, key, meter: '4/4', tempo, feel: 'straight' });
  const [arrangement] = tune.arrangements;
  if (arrangement) {
    await api.saveArrangement(
      arrangement.id,
      { name: arrangement.name, setup },
      arrangement.version,
    );
  }
  return tune.id;
}
