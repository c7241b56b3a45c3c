import { FEWEST_CHOICES, noTaste, type Learned, type Weights } from '@drop-close/core';
import { App, Button, Progress, Switch } from 'antd';
import { createElement } from 'react';
import { keepTaste, profileNow, useProfile } from '../../profile/profileStore';
import { leaningsInWords, surenessInWords } from './tasteWords';
import { useLearned } from './useLearned';

interface MyTasteProps {
  /** Whether the weights in use are the learned ones. */
  readonly isTaken: (weights: Weights) => boolean;
  readonly onTake: (weights: Weights) => void;
}

/** What the player's own choices tell: in words, in figures, as weights to take; switched off, copied, forgotten. */
export function MyTaste({ isTaken, onTake }: MyTasteProps) {
  const { taste } = useProfile();
  const learned = useLearned();
  const missing = FEWEST_CHOICES - taste.choices.length;
  return (
    <section className="my-taste" aria-label="Learned from your choices">
      <div className="choice-row">
        {learned && (
          <Button
            size="small"
            type={isTaken(learned.weights) ? 'primary' : 'default'}
            aria-pressed={isTaken(learned.weights)}
            onClick={() => {
              onTake(learned.weights);
            }}
          >
            My taste
          </Button>
        )}
        <span role="status">
          {learned
            ? `${leaningsInWords(learned)} ${surenessInWords(learned)}`
            : toGo(taste.learning, missing, taste.choices.length)}
        </span>
      </div>
      {learned && <Agreement learned={learned} />}
      <div className="choice-row">
        <label title="Voicings you lock or take are noted, on this machine only">
          <Switch
            size="small"
            checked={taste.learning}
            onChange={(learning) => {
              keepTaste({ ...profileNow().taste, learning });
            }}
          />
          Learn from what I choose
        </label>
        {learned && <CopyWeights weights={learned.weights} />}
        {taste.choices.length > 0 && <Forget />}
      </div>
    </section>
  );
}

function toGo(learning: boolean, missing: number, count: number): string {
  if (!learning) return 'Your choices are not noted.';
  const sofar = count === 0 ? '' : ` (${count} so far)`;
  return missing > 0
    ? `Your taste is learned from the voicings you lock or take: ${FEWEST_CHOICES} at least${sofar}.`
    : 'Going through your choices…';
}

/** How many choices held out while learning would have been foretold, against the balance. */
function Agreement({ learned: { agreement } }: { learned: Learned }) {
  const { best, of, bestBalanced } = agreement;
  const bar = (label: string, count: number) => (
    <div className="taste-agreement">
      <span>{label}</span>
      <Progress
        percent={(count / of) * 100}
        size="small"
        status="normal"
        aria-label={label}
        format={() => `${count} of ${of}`}
      />
    </div>
  );
  return (
    <div role="group" aria-label="Choices predicted correctly, of those kept aside for checking">
      {bar('My taste predicts', best)}
      {bar('Balanced predicts', bestBalanced)}
    </div>
  );
}

function CopyWeights({ weights }: { weights: Weights }) {
  const { message } = App.useApp();
  return (
    <Button
      size="small"
      onClick={() => {
        void navigator.clipboard.writeText(JSON.stringify(weights)).then(() => {
          void message.success('The weights are copied.');
        });
      }}
    >
      Copy
    </Button>
  );
}

/** Forgets all choices; that can be taken back. */
function Forget() {
  const { notification } = App.useApp();
  return (
    <Button
      size="small"
      onClick={() => {
        const { taste } = profileNow();
        keepTaste({ ...noTaste, learning: taste.learning });
        const onClick = (): void => {
          keepTaste(taste);
          notification.destroy('taste');
        };
        notification.open({
          key: 'taste',
          title: 'Your choices are forgotten',
          actions: createElement(Button, { onClick }, 'Put them back'),
          duration: 12,
        });
      }}
    >
      Forget
    </Button>
  );
}
