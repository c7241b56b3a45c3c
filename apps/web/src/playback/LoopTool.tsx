import { FASTEST, SLOWEST, type Timeline } from '@drop-close/core';
import { Button, InputNumber, Select } from 'antd';
import { useShallow } from 'zustand/react/shallow';
import { usePlayer, type Stretch } from './usePlayer';
import { sameAgain, type Passes } from './passes';

const KEYS: { value: number; label: string }[] = [
  { value: 0, label: 'Stay in the key' },
  { value: 5, label: 'Up a fourth each time' },
  { value: 7, label: 'Up a fifth each time' },
  { value: 1, label: 'Up a half step each time' },
  { value: -1, label: 'Down a half step each time' },
];

const FROM = 'Loop from bar';
const TO = 'Loop to bar';
const FASTER = 'Faster each time, in beats a minute';
const UP_TO = 'Up to this tempo';
const IN_KEY = 'Key, each time round';
/** The names of what is set here. */
export const LOOP_SETTINGS = [FROM, TO, FASTER, UP_TO, IN_KEY] as const;

/** Which bars come round, and how each time differs from the one before. */
export function LoopTool({ timeline }: { timeline: Timeline }) {
  const { stretch, passes } = usePlayer(
    useShallow((state) => ({ stretch: state.stretch, passes: state.passes })),
  );
  const last = timeline.bars.at(-1)?.number ?? 1;
  const { setListening } = usePlayer.getState();
  const setStretch = (change: Partial<Stretch>): void => {
    const { fromBar, toBar } = { fromBar: 1, toBar: last, ...stretch, ...change };
    setListening({ stretch: { fromBar, toBar: Math.max(fromBar, toBar) } });
  };
  const setPasses = (change: Partial<Passes>): void => {
    setListening({ passes: { ...passes, ...change } });
  };
  return (
    <div className="loop-tool">
      <div className="loop-bars">
        Bars
        <InputNumber
          aria-label={FROM}
          min={1}
          max={last}
          precision={0}
          value={stretch?.fromBar ?? 1}
          onChange={(value) => {
            if (value) setStretch({ fromBar: value });
          }}
        />
        to
        <InputNumber
          aria-label={TO}
          min={1}
          max={last}
          precision={0}
          value={Math.min(last, stretch?.toBar ?? last)}
          onChange={(value) => {
            if (value) setStretch({ toBar: value });
          }}
        />
        <Button
          type="text"
          disabled={!stretch}
          onClick={() => {
            setListening({ stretch: undefined });
          }}
        >
          All bars
        </Button>
      </div>
      <div className="loop-bars">
        Faster by
        <InputNumber
          aria-label={FASTER}
          min={0}
          max={40}
          precision={0}
          value={passes.faster}
          onChange={(value) => {
            setPasses({ faster: value ?? 0 });
          }}
        />
        each time, up to
        <InputNumber
          aria-label={UP_TO}
          min={SLOWEST}
          max={FASTEST}
          precision={0}
          value={passes.upTo}
          onChange={(value) => {
            setPasses({ upTo: value ?? FASTEST });
          }}
        />
      </div>
      <Select<number>
        aria-label={IN_KEY}
        value={passes.halfSteps}
        options={KEYS}
        popupMatchSelectWidth={false}
        onChange={(halfSteps) => {
          setPasses({ halfSteps });
        }}
      />
      <p className="quiet">
        Heard from the next time round. The page stays in the key of the tune.
        {changes(passes) && (
          <Button
            type="link"
            size="small"
            onClick={() => {
              setListening({ passes: sameAgain });
            }}
          >
            The same every time
          </Button>
        )}
      </p>
    </div>
  );
}

export const changes = ({ faster, halfSteps }: Passes): boolean => faster > 0 || halfSteps !== 0;
