import {
  deleteBar,
  insertBar,
  joinSection,
  markBar,
  nameSection,
  type Chart,
} from '@drop-close/core';
import type { MenuProps } from 'antd';
import { editChart } from '../desk/useChart';
import { submenuIcon } from '../../ui/submenuIcon';
import { write } from './cursor';
import type { SheetBar } from './sheetBar';

const SECTIONS = ['A', 'B', 'C', 'D', 'Intro', 'Bridge', 'Tag', 'Coda'];
const ENDINGS = [1, 2, 3];
const WORDS = ['Segno', 'To Coda', 'Coda', 'Fine', 'D.C. al Fine', 'D.S. al Coda'];

/** What can be done with a bar. */
export function barMenu({ at, bar }: SheetBar, label: string | undefined): MenuProps {
  const edit = (change: (chart: Chart) => Chart) => () => void editChart(change);
  const insert = (place: number) => () => {
    editChart((chart) => insertBar(chart, place));
    write({ bar: place, slot: 0 });
  };
  const words = bar.words ?? [];
  return {
    expandIcon: submenuIcon,
    items: [
      { key: 'after', label: 'New bar after this one', onClick: insert(at + 1) },
      { key: 'before', label: 'New bar before this one', onClick: insert(at) },
      { key: 'out', label: 'Remove this bar', onClick: edit((chart) => deleteBar(chart, at)) },
      { type: 'divider' },
      {
        key: 'section',
        label: label === undefined ? 'A section begins here' : 'Section',
        children: [
          ...SECTIONS.map((name) => ({
            key: `section ${name}`,
            label: name,
            onClick: edit((chart) => nameSection(chart, at, name)),
          })),
          ...(label === undefined
            ? []
            : [
                {
                  key: 'no section',
                  label: 'No section begins here',
                  onClick: edit((chart) => joinSection(chart, at)),
                },
              ]),
        ],
      },
      {
        key: 'repeat start',
        label: bar.repeatStart ? 'No repeat begins here' : 'A repeat begins here',
        onClick: edit((chart) => markBar(chart, at, { repeatStart: !bar.repeatStart })),
      },
      {
        key: 'repeat end',
        label: bar.repeatEnd ? 'No repeat ends here' : 'A repeat ends here',
        onClick: edit((chart) => markBar(chart, at, { repeatEnd: !bar.repeatEnd })),
      },
      {
        key: 'ending',
        label: 'Ending',
        children: [
          ...ENDINGS.map((ending) => ({
            key: `ending ${ending}`,
            label: `Ending ${ending} begins here`,
            onClick: edit((chart) => markBar(chart, at, { ending })),
          })),
          {
            key: 'no ending',
            label: 'No ending begins here',
            onClick: edit((chart) => markBar(chart, at, { ending: undefined })),
          },
        ],
      },
      {
        key: 'signs',
        label: 'Signs and codas',
        children: WORDS.map((text) => ({
          key: text,
          label: words.includes(text) ? `No ${text}` : text,
          onClick: edit((chart) =>
            markBar(chart, at, {
              words: words.includes(text)
                ? words.filter((each) => each !== text)
                : [...words, text],
            }),
          ),
        })),
      },
    ],
  };
}
