import { App } from 'antd';
import { useEffect } from 'react';
import { useTakenIn } from './tuneSaving';

/** Says what came into the tune from another tab or another place. */
export function TakenInNote() {
  const { notification } = App.useApp();
  useEffect(
    () =>
      useTakenIn.subscribe(({ words }) => {
        notification.info({
          key: 'taken in',
          title: 'Changes made elsewhere were taken in',
          description: words.join('; '),
        });
      }),
    [notification],
  );
  return null;
}
