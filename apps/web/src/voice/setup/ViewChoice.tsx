import { Button, Segmented } from 'antd';
import { toggleDesk, useVoiceDesk } from '../desk/useVoiceDesk';
import { useZoom, zooms } from '../threads/zoom';
import { Choice } from '../../ui/Choice';

const TOOLS = [
  { part: 'figures', label: 'Figures', title: 'The chorus in figures (G)' },
  { part: 'ways', label: 'Another way', title: 'Other whole ways to voice the chorus (W)' },
  { part: 'compare', label: 'Compare', title: 'Two arrangements side by side (K)' },
] as const;

const INSIDE = [...TOOLS.map(({ label }) => label), 'Print', 'How much on one line'];

/** How the chorus is looked at; nothing here changes a voicing. */
export function ViewChoice() {
  const desk = useVoiceDesk();
  const { level } = useZoom();
  return (
    <Choice name="View" value="" inside={INSIDE}>
      {(close) => (
        <>
          <div className="choice-row">
            {TOOLS.map(({ part, label, title }) => (
              <Button
                key={part}
                type={desk[part] ? 'primary' : 'default'}
                aria-pressed={desk[part]}
                title={title}
                onClick={() => {
                  toggleDesk(part);
                  close();
                }}
              >
                {label}
              </Button>
            ))}
            <Button
              onClick={() => {
                close();
                // Once the choices are gone from the page.
                setTimeout(() => {
                  globalThis.print();
                });
              }}
            >
              Print
            </Button>
          </div>
          <fieldset>
            <legend>On one line</legend>
            <Segmented
              aria-label="How much on one line"
              value={level}
              options={zooms.map(({ label }, value) => ({ value, label }))}
              onChange={(next) => {
                useZoom.setState({ level: next });
              }}
            />
          </fieldset>
        </>
      )}
    </Choice>
  );
}
