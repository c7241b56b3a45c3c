import { localDatabase, type KeptRow } from './database';
import { keep } from './keeping';

/** Keeps an unsaved row of a list, or forgets it where none is given. */
export function keepRow(
  kind: string,
  id: string,
  unsaved: Omit<KeptRow, 'kind' | 'id'> | undefined,
) {
  return keep(async () => {
    const database = await localDatabase();
    if (unsaved) await database.put('rows', { kind, id, ...unsaved });
    else await database.delete('rows', [kind, id]);
  });
}

/** Every unsaved row of a kind; none where the browser keeps nothing. */
export async function keptRows(kind: string): Promise<KeptRow[]> {
  try {
    return await (await localDatabase()).getAllFromIndex('rows', 'kind', kind);
  } catch {
    return [];
  }
}
