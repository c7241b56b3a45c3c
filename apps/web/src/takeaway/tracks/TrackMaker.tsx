import {
  FASTEST,
  keyAt,
  MOST_FASTER,
  MOST_TRACK_TIMES,
  PARTS,
  SLOWEST,
  tooLong,
  trackSeconds,
  type TrackFormat,
  type TrackWish,
} from '@drop-close/core';
import { Button, Checkbox, InputNumber, Segmented, Select } from 'antd';
import { lengthInWords, PART_WORDS } from './trackWords';
import { useNotation } from '../../profile/useNotation';

/** All keys, each a fourth above the one before: as one practises them. */
const ROUND = Array.from({ length: 12 }, (_, step) => (step * 5) % 12);

interface TrackMakerProps {
  readonly wish: TrackWish;
  /** Of the tune, as `Eb`. */
  readonly tuneKey: string;
  /** Of all choruses, in quarters. */
  readonly quarters: number;
  /** Whether somebody solos over the choruses. */
  readonly hasSolo: boolean;
  readonly isAsking: boolean;
  readonly onChange: (change: Partial<TrackWish>) => void;
  readonly onMake: () => void;
}

/** What a practice track is to be. */
export function TrackMaker({
  wish,
  tuneKey,
  quarters,
  hasSolo,
  isAsking,
  onChange,
  onMake,
}: TrackMakerProps) {
  const { name } = useNotation();
  const parts = PARTS.filter((part) => part !== 'solo' || hasSolo);
  const seconds = trackSeconds(quarters, wish);
  const problem = wish.heard.length
    ? tooLong(seconds, wish.format)
    : 'Somebody has to be heard: choose who.';
  return (
    <section className="track-maker" aria-label="A new track">
      <div className="track-row">
        <span aria-hidden>Who is heard</span>
        <Checkbox.Group
          aria-label="Who is heard"
          value={[...wish.heard]}
          options={parts.map((value) => ({ value, label: PART_WORDS[value] }))}
          onChange={(heard) => {
            onChange({ heard: PARTS.filter((part) => heard.includes(part)) });
          }}
        />
      </div>
      <div className="track-row">
        <span aria-hidden>Keys</span>
        <Select<number[]>
          mode="multiple"
          aria-label="Keys, in order"
          className="track-keys"
          value={[...wish.keys]}
          maxTagCount="responsive"
          options={ROUND.map((value) => ({
            value,
            label: name(keyAt(tuneKey, value)),
          }))}
          onChange={(keys) => {
            onChange({ keys: keys.length ? keys : [0] });
          }}
        />
        <Button
          onClick={() => {
            onChange({ keys: wish.keys.length === 12 ? [0] : ROUND });
          }}
        >
          {wish.keys.length === 12 ? 'This key alone' : 'All keys by fourths'}
        </Button>
      </div>
      <div className="track-row">
        <label>
          Times in each key{' '}
          <InputNumber
            aria-label="Times in each key"
            min={1}
            max={MOST_TRACK_TIMES}
            value={wish.times}
            onChange={(times) => {
              onChange({ times: times ?? 1 });
            }}
          />
        </label>
        <label>
          Tempo{' '}
          <InputNumber
            aria-label="Tempo of the track"
            min={SLOWEST}
            max={FASTEST}
            value={wish.tempo}
            onChange={(tempo) => {
              if (tempo !== null) onChange({ tempo });
            }}
          />
        </label>
        <label>
          Faster each time by{' '}
          <InputNumber
            aria-label="Faster each time by"
            min={0}
            max={MOST_FASTER}
            value={wish.faster}
            onChange={(faster) => {
              onChange({ faster: faster ?? 0 });
            }}
          />
        </label>
        <Checkbox
          checked={wish.countIn}
          onChange={({ target }) => {
            onChange({ countIn: target.checked });
          }}
        >
          Count-in
        </Checkbox>
      </div>
      <div className="track-row">
        <Segmented<TrackFormat>
          aria-label="File"
          value={wish.format}
          options={[
            { value: 'ogg', label: 'Ogg, small' },
            { value: 'wav', label: 'WAV, large' },
          ]}
          onChange={(format) => {
            onChange({ format });
          }}
        />
        <Button type="primary" loading={isAsking} disabled={problem !== undefined} onClick={onMake}>
          Make the track
        </Button>
        <span className={problem === undefined ? 'quiet' : 'track-problem'} role="status">
          {problem ?? `${lengthInWords(seconds)} long`}
        </span>
      </div>
    </section>
  );
}
