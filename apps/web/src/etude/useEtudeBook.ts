import type { EtudeRequest } from '@drop-close/core';
import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { api } from '../api/client';
import { engine } from '../engine/client';
import { useInstruments } from '../profile/useInstruments';
import { makeEtudeBook } from './etudeBook';
import { saveEtude } from './saveEtude';

interface BookState {
  /** Keys done; missing while no book is made. */
  readonly done?: number;
  readonly failure?: string;
}

/** Makes an étude in all keys, tells how far it is, and opens it as a booklet to print. */
export function useEtudeBook(tempo: number) {
  const [state, setState] = useState<BookState>({});
  const wanted = useRef(false);
  const instruments = useInstruments();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const cancel = useCallback(() => {
    wanted.current = false;
  }, []);
  useEffect(() => cancel, [cancel]);
  const make = async (request: EtudeRequest): Promise<void> => {
    wanted.current = true;
    setState({ done: 0 });
    try {
      const made = await makeEtudeBook(request, instruments, {
        make: (each, own) => engine.etude([each, own]),
        save: (etude) => saveEtude(etude, tempo),
        throwAway: api.deleteTune,
        collect: async (name, tuneIds) => (await api.createSet({ name, tuneIds })).id,
        onKey: (done) => {
          if (wanted.current) setState({ done });
          return wanted.current;
        },
      });
      await queries.invalidateQueries({ queryKey: ['sets'] });
      setState({});
      if (made.status === 'made') await navigate(`/set/${made.setId}/take-away?sheet=voicings`);
    } catch (error) {
      setState({ failure: error instanceof Error ? error.message : String(error) });
    }
  };
  return { ...state, make, cancel };
}
