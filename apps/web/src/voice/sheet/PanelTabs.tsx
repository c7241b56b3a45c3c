import { voicingKey, type Voicing } from '@drop-close/core';
import { Tabs } from 'antd';
import type { VoicedChorus, VoicedPath } from '../../engine/protocol';
import { useSelection } from '../../place/selection';
import { AlternativeList } from './AlternativeList';
import { useAlternatives } from '../desk/useAlternatives';
import { usePanelTab, type PanelTab } from '../desk/usePanelTab';
import { LinePanel } from '../line/LinePanel';
import { Derivation } from './Derivation';
import { EasierForms } from './EasierForms';
import { OnPaper } from './OnPaper';
import './sheet.css';

interface PanelTabsProps {
  readonly chorus: VoicedChorus;
  readonly outcome: VoicedPath;
  readonly voicing: Voicing;
  readonly onTake: (voicing: Voicing) => void;
}

/** The voicing from all sides: what else there is, how it is made, what is easier, and on paper. */
export function PanelTabs({ chorus, outcome, voicing, onTake }: PanelTabsProps) {
  const { index, event } = useSelection();
  const alternatives = useAlternatives();
  const { tab } = usePanelTab();
  if (event?.chord.kind !== 'chord') return null;
  const { chord } = event;
  const key = voicingKey(voicing);
  return (
    <Tabs
      size="small"
      className="panel-tabs"
      activeKey={tab}
      onChange={(key) => {
        usePanelTab.setState({ tab: key as PanelTab });
      }}
      items={[
        {
          key: 'others',
          label: 'Others',
          children: (
            <AlternativeList {...{ chorus, outcome, index, alternatives, onTake }} chosen={key} />
          ),
        },
        {
          key: 'line',
          label: 'Top line',
          children: <LinePanel chorus={chorus} index={index} event={event} voicing={voicing} />,
        },
        {
          key: 'made',
          label: 'How made',
          children: <Derivation key={`${index} ${key}`} chord={chord} voicing={voicing} />,
        },
        {
          key: 'easier',
          label: 'Easier',
          children: (
            <EasierForms chorusId={chorus.id} index={index} voicing={voicing} onTake={onTake} />
          ),
        },
        {
          key: 'paper',
          label: 'On paper',
          children: <OnPaper chord={chord} voicing={voicing} />,
        },
      ]}
    />
  );
}
