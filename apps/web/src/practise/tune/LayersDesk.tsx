import { LAYERS, type LayerId, type LayerItem } from '@drop-close/core';
import { useEffect, useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { useTune } from '../../document/store';
import type { VoicedChorus } from '../../engine/protocol';
import { useComposition } from '../../engine/useComposition';
import { useOwnMusic } from '../../playback/ownMusic';
import { usePlayer } from '../../playback/usePlayer';
import { CompLayer } from './CompLayer';
import { LayerBar } from './LayerBar';
import { LayerPicture } from './LayerPicture';
import { LayerSteps } from './LayerSteps';
import { missedNotes } from './lineLayout';
import { PassTools } from './PassTools';
import { sectionsOf } from './sections';
import { useBeginAtOnce } from '../base/useBeginAtOnce';
import { useLayer, type LayerContent } from '../layer/useLayer';
import { useLayerMusic } from './useLayerMusic';

/** Layers that are practised with the band; the chart by heart has a ladder of its own. */
const WITH_BAND = LAYERS.filter((layer) => layer !== 'memory');

interface Missed {
  readonly of: LayerContent | undefined;
  readonly notes: ReadonlySet<number>;
}
const NONE_MISSED: ReadonlySet<number> = new Set();

/** One layer after the other: seen, heard and played along with, slow to fast, through the keys. */
export function LayersDesk({ chorus }: { chorus: VoicedChorus }) {
  const { id: tuneId = '' } = useParams();
  const [parameters, setParameters] = useSearchParams();
  const layer = WITH_BAND.find((each) => each === parameters.get('layer')) ?? WITH_BAND[0]!;
  const sections = sectionsOf(chorus.timeline);
  const section = sections.find(({ id }) => id === parameters.get('section'));
  const item: LayerItem = {
    ...{ kind: 'layer', layer, tuneId },
    ...(section && { section: section.id }),
  };
  const content = useLayer(chorus, layer);
  useLayerMusic(chorus, item, content);
  const { setup } = useTune();
  const composed = useComposition() !== undefined;
  const music = useOwnMusic((state) => state.music);
  const isReady = !!music && !!content && (layer !== 'comp' || composed);
  useBeginAtOnce(isReady, () => {
    music?.play({ ...(section && { fromBar: section.fromBar, toBar: section.toBar }) });
  });
  const [missed, setMissed] = useState<Missed>();
  const { fromBar, toBar } = section ?? {};
  useEffect(() => {
    const stretch = fromBar === undefined || toBar === undefined ? undefined : { fromBar, toBar };
    usePlayer.getState().setListening({ stretch });
  }, [fromBar, toBar]);
  const go = (change: { layer?: LayerId; section?: string | undefined }): void => {
    const next = { layer, section: section?.id, ...change };
    setParameters(
      { layer: next.layer, ...(next.section !== undefined && { section: next.section }) },
      { replace: true },
    );
  };
  return (
    <div className="layers">
      <LayerSteps
        layers={WITH_BAND}
        item={item}
        onChoose={(chosen) => {
          go({ layer: chosen });
        }}
      />
      <div className="layers-main">
        <LayerBar
          sections={sections}
          section={section}
          layer={layer}
          instrument={setup.instrument}
          onSection={(chosen) => {
            go({ section: chosen });
          }}
        />
        {layer === 'comp' ? (
          <CompLayer />
        ) : (
          <LayerPicture
            chorus={chorus}
            layer={layer}
            content={content}
            missed={missed && missed.of === content ? missed.notes : NONE_MISSED}
          />
        )}
        <PassTools
          item={item}
          onJudged={({ missing }) => {
            const { from } = usePlayer.getState();
            setMissed({ of: content, notes: missedNotes(content?.line ?? [], missing, from) });
          }}
        />
      </div>
    </div>
  );
}
