import { create } from 'zustand';

export const CHART_SIDES = ['Text', 'Map', 'Landmarks', 'Melody', 'Scales', 'Notes'] as const;
export type ChartSide = (typeof CHART_SIDES)[number];

/** What stands open on the Chart screen: what is beside the sheet. */
export const useChartDesk = create<{ readonly side: ChartSide }>(() => ({ side: 'Text' }));
