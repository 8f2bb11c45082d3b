import { createTheme } from '@mui/material/styles';
import { dark, fonts, light, target } from './tokens';

type Tokens = typeof light;

declare module '@mui/material/styles' {
  interface Palette {
    bench: Tokens;
  }
  interface PaletteOptions {
    bench?: Tokens;
  }
}

const palette = (t: Tokens, onGreen: string) => ({
  bench: t,
  primary: { main: t.green, contrastText: onGreen },
  secondary: { main: t.brass, contrastText: onGreen },
  error: { main: t.red, contrastText: onGreen },
  background: { default: t.ground, paper: t.sheet },
  text: { primary: t.ink, secondary: t.soft },
  divider: t.line,
});

const head = { fontFamily: fonts.head, fontWeight: 600, lineHeight: 1.15 };

export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data-scheme' },
  colorSchemes: { light: { palette: palette(light, '#ffffff') }, dark: { palette: palette(dark, '#0f1411') } },
  shape: { borderRadius: 3 },
  typography: {
    fontFamily: fonts.text,
    fontSize: 16,
    htmlFontSize: 16,
    h1: { ...head, fontSize: '2rem' },
    h2: { ...head, fontSize: '1.5rem' },
    h3: { ...head, fontSize: '1.25rem' },
    body1: { fontSize: '1.0625rem', lineHeight: 1.4 },
    body2: { fontSize: '1rem', lineHeight: 1.35 },
    caption: { fontSize: '1rem' },
    button: { fontFamily: fonts.text, fontWeight: 600, fontSize: '1.0625rem', textTransform: 'none' },
  },
  components: {
    MuiCssBaseline: {
      styleOverrides: {
        a: { color: 'var(--mui-palette-primary-main)' },
        body: { fontVariantNumeric: 'tabular-nums' },
        ':focus-visible': { outline: '3px solid var(--mui-palette-secondary-main)', outlineOffset: 2 },
        '@media print': {
          body: { background: '#fff' },
          // A dialog that is printed is printed alone and at its full length.
          'body:has(> .on-paper) > *:not(.on-paper)': { display: 'none !important' },
          '.on-paper, .on-paper *': { position: 'static !important', overflow: 'visible !important', maxHeight: 'none !important' },
          '.on-paper .MuiBackdrop-root, .not-on-paper': { display: 'none !important' },
        },
      },
    },
    MuiButtonBase: { defaultProps: { disableRipple: true } },
    MuiButton: {
      defaultProps: { disableElevation: true },
      styleOverrides: { root: { minHeight: target, minWidth: target, paddingInline: 18, borderWidth: 2, '&:hover': { borderWidth: 2 } } },
    },
    MuiIconButton: { styleOverrides: { root: { width: target, height: target } } },
    MuiToggleButton: {
      styleOverrides: {
        root: {
          minHeight: target,
          minWidth: target,
          textTransform: 'none',
          fontSize: '1.0625rem',
          paddingInline: 14,
          color: 'var(--mui-palette-text-primary)',
          borderColor: 'var(--mui-palette-divider)',
          '&.Mui-selected': { background: 'var(--mui-palette-primary-main)', color: 'var(--mui-palette-primary-contrastText)' },
          '&.Mui-selected:hover': { background: 'var(--mui-palette-primary-main)' },
        },
      },
    },
    MuiFormLabel: {
      styleOverrides: {
        root: {
          color: 'var(--mui-palette-text-primary)',
          fontWeight: 600,
          fontSize: '1.0625rem',
          marginBottom: 4,
          '&.Mui-focused': { color: 'var(--mui-palette-text-primary)' },
        },
      },
    },
    MuiFormHelperText: { styleOverrides: { root: { fontSize: '1rem', marginInline: 0 } } },
    MuiOutlinedInput: {
      styleOverrides: {
        root: { minHeight: target, background: 'var(--mui-palette-background-paper)', fontSize: '1.0625rem' },
        notchedOutline: { borderColor: 'var(--mui-palette-text-secondary)' },
        input: { '&::placeholder': { color: 'var(--mui-palette-text-secondary)', opacity: 1 } },
      },
    },
    MuiMenuItem: { styleOverrides: { root: { minHeight: target, fontSize: '1.0625rem', whiteSpace: 'normal' } } },
    MuiCheckbox: { styleOverrides: { root: { width: target, height: target, flexShrink: 0 } } },
    MuiPaper: { styleOverrides: { root: { backgroundImage: 'none' } } },
    MuiAlert: { styleOverrides: { message: { fontSize: '1.0625rem', paddingBlock: 10 } } },
  },
});
