import { voicingKey, type Voicing } from '@drop-close/core';
import { Tabs } from 'antd';
import type { VoicedChorus } from '../../engine/protocol';
import { useSelection } from '../../tune/selection';
import { AlternativeList } from '../AlternativeList';
import { useAlternatives } from '../useVoiceActions';
import { Derivation } from './Derivation';
import { EasierForms } from './EasierForms';
import { OnPaper } from './OnPaper';
import './sheet.css';

interface PanelTabsProps {
  readonly chorus: VoicedChorus;
  readonly voicing: Voicing;
  readonly onTake: (voicing: Voicing) => void;
}

/** The voicing from all sides: what else there is, how it is made, what is easier, and on paper. */
export function PanelTabs({ chorus, voicing, onTake }: PanelTabsProps) {
  const { index, event } = useSelection();
  const alternatives = useAlternatives();
  const chord = event?.chord;
  if (chord?.kind !== 'chord') return null;
  const key = voicingKey(voicing);
  return (
    <Tabs
      size="small"
      className="panel-tabs"
      items={[
        {
          key: 'others',
          label: 'Others',
          children: <AlternativeList alternatives={alternatives} chosen={key} onTake={onTake} />,
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
