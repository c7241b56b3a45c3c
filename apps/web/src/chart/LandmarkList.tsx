import { SoundOutlined } from '@ant-design/icons';
import type { ChartAnalysis } from '@drop-close/core';
import { Button } from 'antd';
import { useBand } from '../playback/useBand';
import { ChordSymbol } from '../profile/ChordSymbol';
import { useNotation } from '../profile/useNotation';
import { barsInWords, isSameLandmark, toggleLandmark, useLandmark } from './desk/landmarks';
import { Term } from '../ui/terms/Term';

/** The landmarks in order, with the keys and the sounds that cover most: chosen, shown and heard. */
export function LandmarkList({ analysis }: { analysis: ChartAnalysis }) {
  const { landmark: held } = useLandmark();
  const band = useBand();
  const { note, name, sentence } = useNotation();
  const landmarks = analysis.landmarks.filter(({ saidBy }) => saidBy === undefined);
  return (
    <div className="landmark-list">
      <h3>
        <Term of="key area">Keys</Term>
      </h3>
      <ul>
        {analysis.keys.map((area) => (
          <li key={area.fromBar}>
            <span className="quiet">{barsInWords(area)}</span> {name(area.key)}
          </li>
        ))}
      </ul>
      {analysis.sounds.length > 0 && (
        <>
          <h3>One sound that covers</h3>
          <ul>
            {analysis.sounds.map(({ fromBar, toBar, label, except, notes }) => (
              <li key={fromBar}>
                <span className="quiet">{barsInWords({ fromBar, toBar })}</span>
                <div>
                  {sentence(label)}
                  {except && (
                    <>
                      , but for <ChordSymbol symbol={except.symbol} /> in bar {except.bar}
                    </>
                  )}
                  <div className="quiet">Safe throughout: {notes.map(note).join(' ')}</div>
                </div>
              </li>
            ))}
          </ul>
        </>
      )}
      <h3>
        <Term of="landmark">Landmarks</Term>
      </h3>
      <ul>
        {landmarks.map((landmark) => (
          <li key={`${landmark.kind} ${landmark.first} ${landmark.last}`}>
            <Button
              type="text"
              size="small"
              icon={<SoundOutlined aria-hidden />}
              aria-label={`Hear ${sentence(landmark.label)}, ${barsInWords(landmark)}`}
              onClick={() => {
                band.hearBars(landmark.fromBar, landmark.toBar);
              }}
            />
            <button
              type="button"
              className="landmark"
              aria-pressed={isSameLandmark(held, landmark)}
              onClick={() => {
                toggleLandmark(landmark);
              }}
            >
              {sentence(landmark.label)} <span className="quiet">{barsInWords(landmark)}</span>
            </button>
          </li>
        ))}
        {!landmarks.length && <li className="quiet">No landmark found.</li>}
      </ul>
    </div>
  );
}
