'use client'
import type {} from '@mui/material/themeCssVarsAugmentation'
import { createTheme } from '@mui/material/styles'

/** Colours of the section's parts; the ring's tint runs from sand (slack) through amber (good) to ember (crushed). */
interface SectionColours {
  metal: string
  glass: string
  glassEdge: string
  ringLoose: string
  ringSlack: string
  ringGood: string
  ringTight: string
  ringCrushed: string
  chapter: string
  insert: string
  movement: string
}

interface PaperColours {
  rail: string
  bar: string
  chosen: string
  hairline: string
}

declare module '@mui/material/styles' {
  interface Palette {
    section: SectionColours
    paper: PaperColours
  }
  interface PaletteOptions {
    section: SectionColours
    paper: PaperColours
  }
}

const TEXT_FONT = "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif"
const FIGURE_FONT = "'Atkinson Hyperlegible Mono Variable', ui-monospace, monospace"

/** Warm paper, ink, petrol to act, saffron to notice, brick to stop, moss for good; the dark scheme is for lamp light. */
export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data-scheme' },
  colorSchemes: {
    light: {
      palette: {
        background: { default: '#f6f3ea', paper: '#fcfaf4' },
        text: { primary: '#1f2a2e', secondary: '#525d5c' },
        primary: { main: '#0f5a60', contrastText: '#fcfaf4' },
        warning: { main: '#8f5400', contrastText: '#fcfaf4' },
        error: { main: '#9c2f25', contrastText: '#fcfaf4' },
        success: { main: '#3c6628', contrastText: '#fcfaf4' },
        divider: '#d3ccba',
        paper: { rail: '#eae5d6', bar: '#fcfaf4', chosen: '#dde8e4', hairline: '#d3ccba' },
        section: {
          metal: '#6d7472',
          glass: '#dcebee',
          glassEdge: '#0f5a60',
          ringLoose: '#f3efe2',
          ringSlack: '#e0cfa2',
          ringGood: '#dd9f2f',
          ringTight: '#c8642a',
          ringCrushed: '#a3301f',
          chapter: '#2f8f8a',
          insert: '#4d4a63',
          movement: '#e2dfd6',
        },
      },
    },
    dark: {
      palette: {
        background: { default: '#1c1a16', paper: '#24211c' },
        text: { primary: '#f0e9da', secondary: '#b7ae9c' },
        primary: { main: '#7cc7c5', contrastText: '#12211f' },
        warning: { main: '#eeb45a', contrastText: '#241a08' },
        error: { main: '#f19a8b', contrastText: '#2a0f0b' },
        success: { main: '#a9d08c', contrastText: '#14210b' },
        divider: '#433e34',
        paper: { rail: '#25221c', bar: '#24211c', chosen: '#2a3a38', hairline: '#433e34' },
        section: {
          metal: '#a39c8d',
          glass: '#2c3f42',
          glassEdge: '#7cc7c5',
          ringLoose: '#2b271f',
          ringSlack: '#8b7a4d',
          ringGood: '#c98b22',
          ringTight: '#c8642a',
          ringCrushed: '#d1503b',
          chapter: '#3fa39d',
          insert: '#8f8ab0',
          movement: '#34302a',
        },
      },
    },
  },
  typography: {
    fontFamily: TEXT_FONT,
    fontSize: 15,
    h1: { fontSize: '1.6rem', fontWeight: 700, lineHeight: 1.2 },
    h2: { fontSize: '1.05rem', fontWeight: 700, lineHeight: 1.3 },
    h3: { fontSize: '0.95rem', fontWeight: 700, lineHeight: 1.3 },
    body1: { fontSize: '0.95rem', lineHeight: 1.45 },
    body2: { fontSize: '0.86rem', lineHeight: 1.4 },
    button: { textTransform: 'none', fontWeight: 650 },
  },
  shape: { borderRadius: 4 },
  components: {
    MuiButtonBase: {
      defaultProps: { disableRipple: true },
      styleOverrides: { root: { fontFamily: TEXT_FONT } },
    },
    MuiButton: {
      defaultProps: { disableElevation: true },
      styleOverrides: { root: { minHeight: 44, paddingInline: 18 } },
    },
    MuiToggleButton: {
      styleOverrides: {
        root: ({ theme }) => ({
          minHeight: 44,
          paddingInline: 14,
          lineHeight: 1.25,
          color: theme.vars.palette.text.primary,
          '&.Mui-selected, &.Mui-selected:hover': {
            color: theme.vars.palette.primary.main,
            backgroundColor: theme.vars.palette.paper.chosen,
            boxShadow: `inset 0 -4px 0 ${theme.vars.palette.primary.main}`,
          },
        }),
      },
    },
    MuiPaper: { styleOverrides: { root: { backgroundImage: 'none' } } },
    MuiTooltip: { defaultProps: { arrow: false, enterDelay: 400 } },
    MuiTextField: { defaultProps: { size: 'small' } },
    MuiCssBaseline: {
      styleOverrides: {
        'html:has(> body[inert])': { cursor: 'progress' },
        body: { fontVariantNumeric: 'tabular-nums' },
        a: { color: 'var(--mui-palette-primary-main)' },
        // MUI takes the outline off its buttons with a class: one more is needed to put it back.
        ':focus-visible, .MuiButtonBase-root:focus-visible': {
          outline: '3px solid var(--mui-palette-warning-main)',
          outlineOffset: 2,
        },
        '@media (prefers-reduced-motion: reduce)': {
          '*, *::before, *::after': {
            transition: 'none !important',
            animationDuration: '1ms !important',
          },
        },
        '.figure': { fontFamily: FIGURE_FONT, fontVariantNumeric: 'tabular-nums' },
      },
    },
  },
})
