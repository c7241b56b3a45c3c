import type { Arrangement, Strictness } from '@drop-close/core';
import { Button, Popover, Segmented, Select, Switch } from 'antd';
import { Link } from 'react-router';
import { useTune } from '../document/store';
import { engine } from '../engine/client';
import { useHeading } from '../place/heading';
import { BAND_SETTINGS, BandSetup } from './BandSetup';
import { askNow } from './desk/askNow';
import { changeComp, compActions } from './desk/compActions';
import { Choice } from '../ui/Choice';
import { holds } from '../ui/holds';
import { saveFile } from '../ui/saveFile';
import { useCompDesk } from './desk/useCompDesk';
import { useSolos } from '../solo/useSolos';

const STRICTNESS: Readonly<Record<Strictness, string>> = {
  1: 'loosely',
  2: 'fairly',
  3: 'strictly',
};

const ABOUT_ROOM: Readonly<Record<Strictness, string>> = {
  1: 'Hits over the line stay, short and light; every chord sounds.',
  2: 'Every other hit over the line stays, short and light; at least 93 of 100 chords sound.',
  3: 'Hits go into gaps and under long notes; over the line only so that at least 85 of 100 chords sound.',
};

/** Who is comped for, how strictly, and by whom. */
export function CompBar() {
  const { comp } = useTune().setup;
  const { plan, filling } = useCompDesk();
  const { solos } = useSolos();
  const solo = solos.find(({ id }) => id === comp.behind);
  return (
    <div className="setup-bar">
      <Select<string>
        aria-label="Who solos"
        value={solo?.id ?? ''}
        popupMatchSelectWidth={false}
        options={[
          { value: '', label: 'Nobody solos' },
          ...solos.map(({ id, name }) => ({ value: id, label: `Behind: ${name}` })),
        ]}
        onChange={(id) => {
          changeComp({ behind: id || null });
        }}
      />
      <Button
        type="primary"
        // Not while the last edit is composed: a button that is loading loses a press, and the fill waits by itself.
        loading={filling}
        title="Fill the whole plan with hits (S)"
        onClick={() => void compActions.playSet()}
      >
        {!solo
          ? 'Fill with patterns'
          : comp.ownLine
            ? 'Comp around your line'
            : 'Comp for this solo'}
      </Button>
      {solo && <RoomForSolo comp={comp} />}
      <Button
        type={plan ? 'primary' : 'default'}
        aria-pressed={plan}
        title="Choruses, sections, and the arc of it all (U)"
        onClick={() => {
          useCompDesk.setState({ plan: !plan });
        }}
      >
        Plan
      </Button>
      <Popover trigger="click" placement="bottom" title="Bass and drums" content={<BandSetup />}>
        <Button {...holds(BAND_SETTINGS)}>Band</Button>
      </Popover>
      <SaveMidi />
      <Link to="../stand" relative="path" className="comp-stand">
        On the stand
      </Link>
    </div>
  );
}

const HOW_STRICTLY = 'How strictly the soloist is left room';
const ROUND = 'Voice round the solo';

/** How much room the hits leave whoever solos. */
function RoomForSolo({ comp }: { readonly comp: Arrangement['comp'] }) {
  return (
    <Choice
      name="Leave room"
      value={STRICTNESS[comp.strictness]}
      title="How much room the hits leave the soloist"
      inside={[HOW_STRICTLY, ROUND]}
    >
      {() => (
        <>
          <Segmented<Strictness>
            aria-label={HOW_STRICTLY}
            value={comp.strictness}
            options={([1, 2, 3] as const).map((value) => ({ value, label: STRICTNESS[value] }))}
            onChange={(strictness) => {
              changeComp({ strictness }, 'strictness');
            }}
          />
          <p className="quiet">{ABOUT_ROOM[comp.strictness]}</p>
          <label
            className="setup-round"
            title="No half step and no minor ninth against a held note"
          >
            <Switch
              checked={comp.yields}
              onChange={(yields) => {
                changeComp({ yields });
              }}
            />
            {ROUND}
          </label>
        </>
      )}
    </Choice>
  );
}

function SaveMidi() {
  const { title } = useHeading();
  return (
    <Button
      title="Comp, bass, drums and solo as a MIDI file"
      onClick={() => {
        void askNow(({ id }) => engine.song(id, title)).then((bytes) => {
          if (bytes) saveFile(`${title}.mid`, bytes, 'audio/midi');
        });
      }}
    >
      MIDI file
    </Button>
  );
}
