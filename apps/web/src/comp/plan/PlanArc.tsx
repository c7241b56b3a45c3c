import type { ArcSection } from '@drop-close/core';

interface PlanArcProps {
  readonly sections: readonly ArcSection[];
  readonly inHand: { readonly chorus: number; readonly section: number } | undefined;
  readonly onTake: (section: ArcSection) => void;
}

const RESTS: Readonly<Record<string, string>> = { comp: 'comp', bass: 'bass', drums: 'drums' };

const MOVES = ['', ', coloured', ', moving', ', other chords'] as const;

/** The arc of the whole set: section by section, as high as there is much going on. */
export function PlanArc({ sections, inHand, onTake }: PlanArcProps) {
  const bars = sections.reduce((sum, { fromBar, toBar }) => sum + toBar - fromBar + 1, 0);
  return (
    <div className="arc" role="group" aria-label="The arc of all choruses">
      {sections.map((section) => {
        const { chorus, section: position, name, fromBar, toBar, plan, weight } = section;
        const taken = inHand?.chorus === chorus && inHand.section === position;
        const first = position === 0;
        return (
          <button
            key={`${chorus} ${position}`}
            type="button"
            className={`arc-section${taken ? ' selected' : ''}${first ? ' arc-first' : ''}`}
            style={{ flexGrow: (toBar - fromBar + 1) / bars }}
            aria-pressed={taken}
            aria-label={spoken(section)}
            onClick={() => {
              onTake(section);
            }}
          >
            <span className="arc-chorus">{first ? chorus + 1 : ''}</span>
            <span className="arc-column" aria-hidden>
              <span
                className={`arc-bar arc-${plan.texture.replace(' ', '-')}`}
                style={{ height: `${weight}%` }}
              />
            </span>
            <span className="arc-name">{name}</span>
            <small className="arc-what">
              {plan.rests.length
                ? `without ${plan.rests.map((each) => RESTS[each]).join(', ')}`
                : `${plan.texture}${MOVES[plan.devices]}`}
            </small>
          </button>
        );
      })}
    </div>
  );
}

function spoken({ chorus, name, plan }: ArcSection): string {
  const { texture, family, density, loudness, rests } = plan;
  const resting = rests.length ? `, without ${rests.join(' and ')}` : '';
  const rhythm = family === 'any' ? '' : `, ${family}`;
  return `Chorus ${chorus + 1}, ${name}: ${texture}${rhythm}, density ${density}, loudness ${loudness}${resting}`;
}
