import type { SetView, TuneFields, TuneGlance } from '@drop-close/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { App, Button } from 'antd';
import { createElement } from 'react';
import { useNavigate } from 'react-router';
import { api } from '../api/client';
import { createTuneAnywhere } from '../document/newTune';
import { profileNow } from '../profile/profileStore';
import { useKeptRows } from '../saving/useKeptRows';
import { useTunes } from '../tunes/useTunes';

const BLANK: TuneFields = {
  title: 'New tune',
  text: '[A]\n| Dm7 G7 | Cmaj7 |',
  key: 'C',
  meter: '4/4',
  tempo: 120,
  feel: 'swing',
};
const NEW_SET = 'New set';

const nameOfSet = ({ name }: SetView): string => name;

/** The tunes and sets, and all that is done with them. */
export function useBook() {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const { notification } = App.useApp();
  const tunes = useTunes();
  const sets = useQuery({ queryKey: ['sets'], queryFn: api.sets, refetchOnMount: 'always' });
  const refresh = (what: 'tunes' | 'sets') => queries.invalidateQueries({ queryKey: [what] });
  const onError = (error: Error): void => {
    notification.error({ title: 'That did not work', description: error.message });
  };
  const offerBack = (key: string, title: string, undo: () => void): void => {
    const onClick = (): void => {
      undo();
      notification.destroy(key);
    };
    const actions = createElement(Button, { onClick }, 'Put it back');
    notification.open({ key, title, actions, duration: 12 });
  };

  const createTune = useMutation({
    mutationFn: () => createTuneAnywhere(BLANK, profileNow()),
    onSuccess: (id) => navigate(`/tune/${id}/chart`),
    onError,
  });
  const copyTune = useMutation({
    mutationFn: (tune: TuneGlance) => api.copyTune(tune.id),
    onSuccess: () => refresh('tunes'),
    onError,
  });
  const restoreTune = useMutation({
    mutationFn: (id: string) => api.restoreTune(id),
    onSuccess: () => refresh('tunes'),
    onError,
  });
  const removeTune = useMutation({
    mutationFn: (tune: TuneGlance) => api.deleteTune(tune.id),
    onSuccess: async (_, tune) => {
      await refresh('tunes');
      offerBack(tune.id, `“${tune.title}” is out of the book`, () => {
        restoreTune.mutate(tune.id);
      });
    },
    onError,
  });

  const createSet = useMutation({
    mutationFn: () => api.createSet({ name: NEW_SET, tuneIds: [] }),
    onSuccess: async (set) => {
      await refresh('sets');
      await navigate(`/book?set=${set.id}`);
    },
    onError,
  });
  const { change: changeSet, settle } = useKeptRows('sets', api.saveSet, nameOfSet);
  const restoreSet = useMutation({
    mutationFn: (id: string) => api.restoreSet(id),
    onSuccess: () => refresh('sets'),
    onError,
  });
  const removeSet = useMutation({
    mutationFn: async (set: SetView) => {
      await settle(set.id);
      await api.deleteSet(set.id);
    },
    onSuccess: async (_, set) => {
      await refresh('sets');
      await navigate('/book');
      offerBack(set.id, `The set “${set.name}” is gone`, () => {
        restoreSet.mutate(set.id);
      });
    },
    onError,
  });
  return { tunes, sets, createTune, copyTune, removeTune, createSet, changeSet, removeSet };
}

export type Book = ReturnType<typeof useBook>;
