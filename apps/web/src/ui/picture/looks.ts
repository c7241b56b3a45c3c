/** What a picture is drawn with: the page's own colours, or ink that goes with it into a file. */
export interface PictureLook {
  readonly ink: string;
  readonly quiet: string;
  readonly line: string;
  readonly accent: string;
  readonly ground: string;
  readonly face: string;
}

export const ON_SCREEN: PictureLook = {
  ink: 'var(--ink)',
  quiet: 'var(--quiet)',
  line: 'var(--line)',
  accent: 'var(--brass)',
  ground: 'none',
  face: 'var(--text-face)',
};

export const IN_A_FILE: PictureLook = {
  ink: '#000',
  quiet: '#444',
  line: '#bbb',
  accent: '#7a5208',
  ground: '#fff',
  face: "'Alegreya Sans', 'Noto Sans', sans-serif",
};
