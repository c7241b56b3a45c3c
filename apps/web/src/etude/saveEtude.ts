import {
  ETUDE_LINE,
  etudeSetup,
  etudeTune,
  positionsIn,
  readWritten,
  storeArrangement,
  type Etude,
} from '@drop-close/core';
import { api } from '../api/client';

/**
 * Puts an étude in the book as a tune and its arrangement, one in single notes with its line.
 * @returns the tune's id
 */
export async function saveEtude(etude: Etude, tempo: number): Promise<string> {
  const tune = await api.createTune(etudeTune(etude, tempo));
  const [arrangement] = tune.arrangements;
  if (arrangement) {
    const { line } = etude;
    const solo = line && (await api.createSolo(tune.id, { name: ETUDE_LINE, line }));
    const positions = positionsIn(readWritten(tune).chart, tune.places);
    const fields = {
      name: arrangement.name,
      setup: storeArrangement(etudeSetup(etude, solo?.id), positions),
    };
    await api.saveArrangement(arrangement.id, fields, arrangement.version);
  }
  return tune.id;
}
