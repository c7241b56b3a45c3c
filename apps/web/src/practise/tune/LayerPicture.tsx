import type { LayerId } from '@drop-close/core';
import { useMemo } from 'react';
import { useTune } from '../../document/store';
import type { VoicedChorus } from '../../engine/protocol';
import { useAnalysis } from '../../engine/useChorus';
import { useSelection } from '../../place/selection';
import { useSoundingChord } from '../../playback/useBand';
import { useNotation } from '../../profile/useNotation';
import { useWidth } from '../../ui/useWidth';
import { layoutThreads, threadScale } from '../../voice/threads/threadLayout';
import { PlainSystem } from '../../voice/threads/PlainSystem';
import { zooms } from '../../voice/threads/zoom';
import { stepsFromHome } from './functionPath';
import { LineSystem } from './LineSystem';
import { lineScale } from './lineLayout';
import type { LayerContent } from '../layer/useLayer';
import '../../voice/threads/threads.css';

interface LayerPictureProps {
  readonly chorus: VoicedChorus;
  readonly layer: LayerId;
  readonly content: LayerContent | undefined;
  /** Notes of its line that were missed the last time round, as positions. */
  readonly missed: ReadonlySet<number>;
}

/** Where so many bars are not to be read side by side, in pixels. */
const NARROW = 560;
const [NEAR, USUAL] = [zooms[0]!, zooms[1]!];

/** A layer as it is read: numbers and a line over the bars, or the voices of every chord as threads. */
export function LayerPicture({ chorus, layer, content, missed }: LayerPictureProps) {
  const { setup } = useTune();
  const { index, select } = useSelection();
  const sounding = useSoundingChord();
  const [frame, width] = useWidth();
  const analysis = useAnalysis();
  const { sentence } = useNotation();
  const zoom = width < NARROW ? NEAR : USUAL;
  const { timeline } = chorus;
  const isLine = layer === 'numbers' || !!content?.line.length;
  const scale = useMemo(
    () =>
      isLine
        ? lineScale(content?.line ?? [])
        : threadScale(content?.path ?? [], setup.room.window, zoom),
    [isLine, content, setup.room.window, zoom],
  );
  const systems = useMemo(() => {
    const path = isLine ? [] : (content?.path ?? []);
    const changes = isLine ? [] : (content?.changes ?? []);
    return layoutThreads({ timeline, path, changes }, scale, width, zoom);
  }, [isLine, content, timeline, scale, width, zoom]);
  const readings = useMemo(() => {
    const at = new Map(analysis?.chords.map((chord) => [`${chord.bar} ${chord.beat}`, chord]));
    return timeline.events.map(({ bar, beat }) => at.get(`${bar} ${beat}`));
  }, [analysis, timeline]);
  const steps = useMemo(
    () =>
      stepsFromHome(
        timeline.events.map(({ chord }, at) =>
          chord.kind === 'chord' ? readings[at]?.function : undefined,
        ),
      ),
    [readings, timeline],
  );
  if (content?.problem !== undefined && !isLine)
    return <p className="fault">{sentence(content.problem)}</p>;
  return (
    <div className="threads layer-picture" ref={frame}>
      {!content && <p className="quiet">Working it out…</p>}
      {systems.map((system, position) =>
        isLine ? (
          <LineSystem
            key={position}
            system={system}
            scale={scale}
            width={width}
            timeline={timeline}
            line={content?.line ?? []}
            numeralOf={(at) => readings[at]?.numeral ?? ''}
            steps={layer === 'numbers' ? steps : undefined}
            first={position === 0}
            sounding={sounding}
            missed={missed}
            onSelect={select}
          />
        ) : (
          <PlainSystem
            key={position}
            system={system}
            scale={scale}
            zoom={zoom}
            width={width}
            timeline={timeline}
            path={content?.path ?? []}
            room={setup.room}
            first={position === 0}
            selected={index}
            sounding={sounding}
            onSelect={select}
          />
        ),
      )}
    </div>
  );
}
