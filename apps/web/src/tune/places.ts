import { DRILLS, LAYERS } from '@drop-close/core';
import { useChartDesk, type ChartSide } from '../chart/desk/useChartDesk';
import { useCompDesk, type CompTab } from '../comp/desk/useCompDesk';
import { DRILL_LABELS } from '../practise/drills/labels';
import { DOCUMENT_KINDS, DOCUMENT_LABELS } from '../takeaway/documents';
import { usePanelTab, type PanelTab } from '../voice/desk/usePanelTab';
import { useVoiceDesk } from '../voice/desk/useVoiceDesk';
import { COMMANDS } from './commands';

/** What can be opened on a screen, as it is found from the others. */
interface Place {
  readonly on: 'chart' | 'voice' | 'comp';
  readonly label: string;
  readonly open: () => void;
}

const lower = (label: string): string => label.charAt(0).toLowerCase() + label.slice(1);

const CHART_SIDES: Readonly<Record<ChartSide, string>> = {
  Text: 'the changes as text',
  Map: 'the map of the form',
  Landmarks: 'the landmarks and held lines',
  Melody: 'the melody',
  Scales: 'the scales',
  Notes: 'a name for some notes',
};

const VOICE_PANELS = [
  'room',
  'neck',
  'entry',
  'taste',
  'figures',
  'ways',
  'compare',
  'drawing',
] as const;
/** Where it is called otherwise than its command. */
const PARTS = { neck: 'browser' } as const;

const VOICE_TABS: Readonly<Record<PanelTab, string>> = {
  others: 'other voicings of this chord',
  line: 'the top line',
  made: 'how this voicing is made',
  easier: 'easier grips',
  paper: 'this voicing on paper',
};

const COMP_TABS: Readonly<Record<CompTab, string>> = {
  hits: 'the hits of this bar',
  movement: 'movement',
  licks: 'licks',
  soloist: 'the soloist',
};

const keysOf = <Key extends string>(labels: Readonly<Record<Key, string>>): Key[] =>
  Object.keys(labels) as Key[];

export const PLACES: readonly Place[] = [
  ...keysOf(CHART_SIDES).map((side): Place => ({
    ...{ on: 'chart', label: `Chart, ${CHART_SIDES[side]}` },
    open: () => {
      useChartDesk.setState({ side });
    },
  })),
  ...VOICE_PANELS.map((id): Place => ({
    ...{ on: 'voice', label: `Voice, ${lower(COMMANDS[id].label)}` },
    open: () => {
      useVoiceDesk.setState({ [id in PARTS ? PARTS[id as keyof typeof PARTS] : id]: true });
    },
  })),
  ...keysOf(VOICE_TABS).map((tab): Place => ({
    ...{ on: 'voice', label: `Voice, ${VOICE_TABS[tab]}` },
    open: () => {
      usePanelTab.setState({ tab });
    },
  })),
  {
    ...{ on: 'comp', label: 'Comp, the plan of the choruses' },
    open: () => {
      useCompDesk.setState({ plan: true });
    },
  },
  ...keysOf(COMP_TABS).map((tab): Place => ({
    ...{ on: 'comp', label: `Comp, ${COMP_TABS[tab]}` },
    open: () => {
      useCompDesk.setState({ tab });
    },
  })),
];

const withQuery = (to: string, query: Readonly<Record<string, string>>): string =>
  `${to}?${new URLSearchParams(query).toString()}`;

/** What has an address of its own below that of the tune. */
export const ADDRESSES: readonly { readonly to: string; readonly label: string }[] = [
  { to: 'stand', label: 'On the stand' },
  { to: withQuery('take-away', { side: 'tracks' }), label: 'Practice tracks' },
  ...DOCUMENT_KINDS.map((kind) => ({
    to: withQuery('take-away', { sheet: kind }),
    label: `Take away, ${DOCUMENT_LABELS[kind].toLowerCase()}`,
  })),
  ...LAYERS.filter((layer) => layer !== 'memory').map((layer) => ({
    to: withQuery('practise', { layer }),
    label: `Practise, ${layer}`,
  })),
  { to: withQuery('practise', { do: 'by-heart' }), label: 'Practise, by heart' },
  ...DRILLS.map((drill) => ({
    to: withQuery('practise', { do: 'drills', drill }),
    label: `Drill, ${lower(DRILL_LABELS[drill])}`,
  })),
];
