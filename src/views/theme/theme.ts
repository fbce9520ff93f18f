'use client';

import { createTheme, type PaletteOptions } from '@mui/material/styles';
import { DARK, LIGHT, TEXT_FACE, type Tones } from './tones';

declare module '@mui/material/styles' {
  interface Palette {
    tones: Tones;
  }
  interface PaletteOptions {
    tones: Tones;
  }
  interface CssThemeVariables {
    enabled: true;
  }
}

/** A face with character for titles, group names, figures and the recipe sentence. */
export const DISPLAY_FACE =
  '"Bricolage Grotesque Variable", "Atkinson Hyperlegible Next Variable", sans-serif';

const scheme = (tones: Tones): { palette: PaletteOptions } => ({
  palette: {
    tones,
    primary: { main: tones.plum, dark: tones.plumDeep, contrastText: tones.onPlum },
    secondary: { main: tones.slate, contrastText: tones.card },
    success: { main: tones.moss },
    error: { main: tones.brick },
    background: { default: tones.paper, paper: tones.card },
    text: { primary: tones.ink, secondary: tones.softInk },
    divider: tones.line,
  },
});

export const theme = createTheme({
  cssVariables: { cssVarPrefix: 'g', colorSchemeSelector: 'media' },
  colorSchemes: { light: scheme(LIGHT), dark: scheme(DARK) },
  shape: { borderRadius: 10 },
  typography: {
    fontFamily: TEXT_FACE,
    fontSize: 14,
    h1: { fontFamily: DISPLAY_FACE, fontWeight: 700, fontSize: '1.5rem', lineHeight: 1.2 },
    h2: { fontFamily: DISPLAY_FACE, fontWeight: 700, fontSize: '1.25rem', lineHeight: 1.25 },
    h3: { fontFamily: DISPLAY_FACE, fontWeight: 700, fontSize: '1.05rem', lineHeight: 1.3 },
  },
  components: {
    MuiButtonBase: { defaultProps: { disableRipple: true } },
    MuiPaper: { styleOverrides: { root: { backgroundImage: 'none' } } },
  },
});
