import { create } from 'zustand';

export type PanelTab = 'others' | 'line' | 'made' | 'easier' | 'paper';

/** From which side the voicing in hand is looked at. */
export const usePanelTab = create<{ readonly tab: PanelTab }>(() => ({ tab: 'others' }));
