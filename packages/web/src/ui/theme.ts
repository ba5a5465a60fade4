import { theme as antdTheme, type ThemeConfig } from 'antd';
import colours from './colours.module.css';

export type ColourScheme = 'light' | 'dark';

const FONT = "'Atkinson Hyperlegible Next', system-ui, sans-serif";

/** Ant Design's names for our colours. */
const TOKENS = {
  colorPrimary: 'button',
  colorInfo: 'accent',
  colorLink: 'link',
  colorBgBase: 'sheet',
  colorBgLayout: 'paper',
  colorTextBase: 'ink',
  colorTextPlaceholder: 'placeholder',
  colorTextDisabled: 'disabled',
  colorTextDescription: 'ink-soft',
  colorInfoBg: 'note-soft',
  colorInfoBorder: 'note-line',
  colorError: 'error',
  colorWarning: 'caution',
  colorWarningBg: 'caution-soft',
  colorWarningBorder: 'caution-line',
  colorBorder: 'line-strong',
  colorBorderSecondary: 'line',
  controlItemBgActive: 'chosen',
  controlItemBgActiveHover: 'chosen-hover',
} as const;

function colourOf(scheme: ColourScheme, name: string): string {
  const colour = colours[`${scheme}-${name}`];
  if (!colour) throw new Error(`There is no colour ${name}.`);
  return colour;
}

/** Heights of what is tapped with a finger, px. */
const FOR_FINGERS = { controlHeight: 44, controlHeightSM: 44, controlHeightLG: 52 };

interface Wanted {
  /** Nothing moves. */
  readonly isStill: boolean;
  /** What is tapped is as large as a finger. */
  readonly isTouched: boolean;
}

/** Ant Design, in our colours and letters, as a person and a device want it. */
export const themeFor = (scheme: ColourScheme, { isStill, isTouched }: Wanted): ThemeConfig => ({
  // The styles come ready-made with the page (`component-styles.mjs`).
  zeroRuntime: true,
  hashed: false,
  algorithm: scheme === 'dark' ? antdTheme.darkAlgorithm : antdTheme.defaultAlgorithm,
  token: {
    ...Object.fromEntries(
      Object.entries(TOKENS).map(([token, name]) => [token, colourOf(scheme, name)]),
    ),
    fontFamily: FONT,
    fontSize: 14,
    borderRadius: 5,
    ...(isTouched && FOR_FINGERS),
    motion: !isStill,
    motionDurationMid: '0.12s',
    motionDurationSlow: '0.16s',
  },
  components: {
    Table: { headerBg: colourOf(scheme, 'sunk') },
    // The accent itself is too dim on a dark button.
    ...(scheme === 'dark' && { Button: { defaultHoverColor: colourOf('dark', 'link') } }),
  },
});
