import { theme as antdTheme, type ThemeConfig } from 'antd';

export type ColourScheme = 'light' | 'dark';

const FONT = "'Atkinson Hyperlegible Next', system-ui, sans-serif";

const COLOURS = {
  light: {
    colorPrimary: '#35654a',
    colorInfo: '#35654a',
    colorLink: '#35654a',
    colorBgBase: '#fffdf8',
    colorBgLayout: '#f7f4ec',
    colorTextBase: '#26231e',
    colorTextPlaceholder: '#6d675c',
    colorTextDisabled: '#757063',
    colorInfoBg: '#edf2e8',
    colorInfoBorder: '#a9bfa9',
    colorError: '#b3261e',
    colorWarning: '#8a5a00',
    colorWarningBg: '#fbf0d5',
    colorWarningBorder: '#d9b365',
    colorBorder: '#a79f8d',
    colorBorderSecondary: '#d9d2c3',
    controlItemBgActive: '#e3ebe2',
    controlItemBgActiveHover: '#d6e2d5',
  },
  dark: {
    colorPrimary: '#3f7a57',
    colorInfo: '#86c29d',
    colorLink: '#b4e3c5',
    colorBgBase: '#211f1b',
    colorBgLayout: '#181613',
    colorTextBase: '#f0ebe0',
    colorTextPlaceholder: '#a59d8e',
    colorTextDisabled: '#a09889',
    colorInfoBg: '#26322a',
    colorInfoBorder: '#4a6b55',
    colorError: '#ff9d91',
    colorWarning: '#efc15c',
    colorWarningBg: '#3d3117',
    colorWarningBorder: '#8a6d2a',
    colorBorder: '#7b7365',
    colorBorderSecondary: '#3f3a33',
    controlItemBgActive: '#2a3a30',
    controlItemBgActiveHover: '#33463a',
  },
} as const;

const SUNK = { light: '#efeadf', dark: '#2b2823' } as const;
const INK_SOFT = { light: '#5d574c', dark: '#bdb5a6' } as const;

/** Ant Design, in our colours and letters; still for people who want nothing to move. */
export const themeFor = (scheme: ColourScheme, isStill: boolean): ThemeConfig => ({
  algorithm: scheme === 'dark' ? antdTheme.darkAlgorithm : antdTheme.defaultAlgorithm,
  token: {
    ...COLOURS[scheme],
    fontFamily: FONT,
    fontSize: 14,
    borderRadius: 5,
    motion: !isStill,
    motionDurationMid: '0.12s',
    motionDurationSlow: '0.16s',
  },
  components: {
    Table: { headerBg: SUNK[scheme] },
    // The accent itself is too dim on a dark button.
    ...(scheme === 'dark' && { Button: { defaultHoverColor: COLOURS.dark.colorLink } }),
    Steps: { colorTextDescription: INK_SOFT[scheme] },
  },
});
