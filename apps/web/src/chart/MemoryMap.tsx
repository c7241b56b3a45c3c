import { SoundOutlined } from '@ant-design/icons';
import type { ChartAnalysis } from '@drop-close/core';
import { Button } from 'antd';
import { useBand } from '../playback/useBand';
import { prettyName, prettyNumber } from '../ui/notation';
import { barsInWords } from './desk/landmarks';
import { likenessInWords } from './sheet/likeness';

/** The tune to learn by heart: a line of numbers for each section, and what is the same again. */
export function MemoryMap({ analysis }: { analysis: ChartAnalysis }) {
  const band = useBand();
  return (
    <div className="memory-map">
      <p className="quiet">{prettyName(analysis.homeKey)}</p>
      {analysis.sections.map((section) => {
        const same = section.sameAs?.semitones === 0;
        const like = likenessInWords(section);
        return (
          <section key={section.fromBar}>
            <h3>
              {section.name} <span className="quiet">{barsInWords(section)}</span>{' '}
              <Button
                type="text"
                size="small"
                icon={<SoundOutlined aria-hidden />}
                aria-label={`Hear ${section.name}, ${barsInWords(section)}`}
                onClick={() => {
                  band.hearBars(section.fromBar, section.toBar);
                }}
              />
            </h3>
            {like && <p className="quiet">{like}</p>}
            {!same && <p className="map-line">{inType(section.map)}</p>}
          </section>
        );
      })}
    </div>
  );
}

/** Keys in the line are names, the rest are numbers. */
const inType = (map: string): string =>
  map
    .split(/(in [A-G][b#]* (?:major|minor):)/)
    .map((part) => (part.startsWith('in ') ? prettyName(part) : prettyNumber(part)))
    .join('');
