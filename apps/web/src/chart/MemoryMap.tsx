import { SoundOutlined } from '@ant-design/icons';
import { likenessInWords, sayTune, type ChartAnalysis } from '@drop-close/core';
import { Button } from 'antd';
import { useBand } from '../playback/useBand';
import { prettyNumber } from '../ui/notation';
import { barsInWords } from './desk/landmarks';
import { useNotation } from '../profile/useNotation';

/** The tune to learn by heart: a line of numbers for each section, and what is the same again. */
export function MemoryMap({ analysis }: { analysis: ChartAnalysis }) {
  const band = useBand();
  const { sentence } = useNotation();
  return (
    <div className="memory-map">
      <InWords analysis={analysis} />
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
            {!same && <p className="map-line">{inType(section.map, sentence)}</p>}
          </section>
        );
      })}
    </div>
  );
}

/** The whole tune in one paragraph, as a teacher would say it. */
function InWords({ analysis }: { analysis: ChartAnalysis }) {
  const { sentence } = useNotation();
  const { whole, sections } = sayTune(analysis);
  return (
    <p className="in-words">
      {sentence(whole)}.{' '}
      {sections.map(({ name, fromBar, words }) => (
        <span key={fromBar}>
          <b>{name}</b> {sentence(words)}.{' '}
        </span>
      ))}
    </p>
  );
}

/** Keys in the line are names, the rest are numbers. */
const inType = (map: string, sentence: (text: string) => string): string =>
  map
    .split(/(in [A-G][b#]* (?:major|minor):)/)
    .map((part) => (part.startsWith('in ') ? sentence(part) : prettyNumber(part)))
    .join('');
