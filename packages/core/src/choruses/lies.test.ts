import { settingsOf } from '../arrangement/chorus/settings';
import { defaultArrangement } from '../arrangement/stored/defaults';
import { createConnector } from '../connect/connect';
import { devicesAt } from '../movement/devices/offers';
import { chorusFrom } from '../testing/choruses';
import { playingOf } from '../voicing/playingOf';
import { stepped } from '../voicing/stepped';
import { SIZES } from '../connect/base/data';
import { byLie } from './lies';
import { isMakeable } from './makeable';
import { wholeChords } from './moved';

describe('what can be held while the rest moves, on guitar', () => {
  const chorus = chorusFrom('| Dm7 | G7 | Cmaj7 | % |');
  const whole = wholeChords(chorus);
  const settings = settingsOf(defaultArrangement, chorus);
  const { room } = defaultArrangement;
  const place = { whole, at: 0, connector: createConnector(), settings };
  const context = { window: room.window, loop: true };
  const all = devicesAt('hold and move', whole, 0, context).filter((offer) =>
    isMakeable(offer, place),
  );
  const offers = all.filter(({ label }) => !label.includes('voice'));

  it('comes in the order in which it lies', () => {
    const { instrument } = settings;
    const playing = playingOf(instrument);
    /** The least that the worst form of any of the first twelve grips strains the hand. */
    const strains = byLie(offers, place).map(({ chords: [first] }) => {
      const worst = place.connector.voicingsOf(whole[0]!.chord, settings).flatMap((grip) => {
        const forms = first!.steps!.map((each) => stepped(grip, each, instrument));
        const all = [grip, ...forms];
        return all.every((form) => form !== undefined)
          ? [Math.max(...all.map((form) => playing.strain(form, SIZES)))]
          : [];
      });
      return Math.min(...worst.slice(0, 12));
    });
    expect(strains.length).toBeGreaterThan(4);
    expect(strains).toEqual([...strains].sort((a, b) => a - b));
    expect(strains[0]).toBeLessThan(strains.at(-1)!);
  });
  it('leaves none out, and has those for one voice last', () => {
    const order = byLie(all, place);
    expect(all.length).toBeGreaterThan(offers.length);
    expect(new Set(order)).toEqual(new Set(all));
    expect(new Set(order.slice(0, offers.length))).toEqual(new Set(offers));
  });
});
