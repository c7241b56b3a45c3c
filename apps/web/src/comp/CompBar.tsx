import type { Strictness } from '@drop-close/core';
import { Button, Popover, Select, Slider, Switch } from 'antd';
import { Link } from 'react-router';
import { useTune } from '../document/store';
import { engine } from '../engine/client';
import type { ComposedChoruses } from '../engine/protocol';
import { useCompositionStore } from '../engine/useComposition';
import { useHeading } from '../place/heading';
import { BandSetup } from './BandSetup';
import { changeComp, compActions } from './desk/compActions';
import { saveFile } from '../ui/saveFile';
import { useCompDesk } from './desk/useCompDesk';
import { useSolos } from '../solo/useSolos';

const STRICTNESS: Readonly<Record<Strictness, string>> = {
  1: 'loosely',
  2: 'fairly',
  3: 'strictly',
};

/** Who is comped for, how strictly, and by whom. */
export function CompBar({ composed }: { composed: ComposedChoruses }) {
  const { comp } = useTune().setup;
  const { plan } = useCompDesk();
  const { working } = useCompositionStore();
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
        loading={working}
        title="Fill the whole plan with hits (S)"
        onClick={() => void compActions.playSet()}
      >
        {!solo
          ? 'Fill with patterns'
          : comp.ownLine
            ? 'Comp around your line'
            : 'Comp for this solo'}
      </Button>
      {solo && (
        <>
          <label className="setup-round comp-strictness">
            Leave room
            <Slider
              min={1}
              max={3}
              value={comp.strictness}
              ariaLabelForHandle="How strictly the soloist is left room"
              tooltip={{ formatter: null }}
              onChange={(strictness) => {
                changeComp({ strictness: strictness as Strictness }, 'strictness');
              }}
            />
            {STRICTNESS[comp.strictness]}
          </label>
          <label
            className="setup-round"
            title="No half step and no minor ninth against a held note"
          >
            <Switch
              size="small"
              checked={comp.yields}
              onChange={(yields) => {
                changeComp({ yields });
              }}
            />
            Voice round the solo
          </label>
        </>
      )}
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
        <Button>Band</Button>
      </Popover>
      <SaveMidi composed={composed} />
      <Link to="../stand" relative="path" className="comp-stand">
        On the stand
      </Link>
    </div>
  );
}

function SaveMidi({ composed }: { composed: ComposedChoruses }) {
  const { title } = useHeading();
  return (
    <Button
      title="Comp, bass, drums and solo as a MIDI file"
      onClick={() => {
        void engine.song(composed.id, title).then((bytes) => {
          if (bytes) saveFile(`${title}.mid`, bytes, 'audio/midi');
        });
      }}
    >
      MIDI file
    </Button>
  );
}
