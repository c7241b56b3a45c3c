import { App } from 'antd';
import { useCallback } from 'react';
import { Refusal } from './client';

/** Tells the player that something asked for did not happen, and why. */
export function useSayRefused(): (error: Error) => void {
  const { notification } = App.useApp();
  return useCallback(
    (error) => {
      const [first] = error instanceof Refusal ? (error.problem.errors ?? []) : [];
      const description = first?.message ?? error.message;
      notification.error({ title: 'That did not work', description });
    },
    [notification],
  );
}
