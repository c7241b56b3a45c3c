import { theme, type ThemeConfig } from 'antd';

export type Light = 'house' | 'stage';

/** The colours of both lights; the same names stand as CSS variables in app.css. */
const COLOURS = {
  house: {
    paper: '#eef2f4',
    ink: '#17212c',
    quiet: '#4e5d6a',
    brass: '#7d5409',
    raised: '#f9fbfc',
    line: '#c6d0d7',
  },
  stage: {
    paper: '#12100d',
    ink: '#c2b59c',
    quiet: '#a0937a',
    brass: '#b98a3c',
    raised: '#1b1814',
    line: '#3a332a',
  },
} as const;

/** Ant Design in the house's own colours and faces. @param still for those who want less motion */
export function themeOf(light: Light, still = false): ThemeConfig {
  const { paper, ink, quiet, brass, raised, line } = COLOURS[light];
  return {
    algorithm: light === 'stage' ? theme.darkAlgorithm : theme.defaultAlgorithm,
    token: {
      colorPrimary: brass,
      colorLink: brass,
      colorInfo: brass,
      colorWarning: brass,
      colorWarningBg: raised,
      colorWarningBorder: brass,
      colorBgBase: paper,
      colorBgContainer: raised,
      colorBgElevated: raised,
      colorBgLayout: paper,
      colorTextBase: ink,
      colorTextPlaceholder: quiet,
      colorTextSecondary: quiet,
      colorTextDescription: quiet,
      colorTextLabel: quiet,
      colorBorder: line,
      colorBorderSecondary: line,
      fontFamily: 'var(--text-face)',
      fontSize: 15,
      borderRadius: 3,
      wireframe: false,
      motionDurationMid: '0.12s',
      motion: !still,
    },
    components: {
      Segmented: {
        ...{ trackBg: 'transparent', itemColor: quiet, itemHoverColor: ink },
        ...{ itemSelectedBg: brass, itemSelectedColor: paper },
      },
      // As high as a finger's tip is taken to be.
      Switch: { trackHeight: 24 },
      Button: {
        ...{ primaryColor: paper, primaryShadow: 'none', defaultShadow: 'none' },
        // As it is: the dark algorithm would make it too dim to read on raised ground.
        ...{ colorLink: brass, colorLinkHover: ink },
      },
    },
  };
}
