import type { GlobalThemeOverrides } from 'naive-ui'
import type { Look } from '@/preferences'

interface Colours {
  ink: string
  soft: string
  card: string
  line: string
  main: string
  coral: string
}

// The same values as in look.css: the library computes shades and cannot read custom properties.
const COLOURS: Record<Look, Colours> = {
  paper: {
    ink: '#16242c',
    soft: '#4a5c65',
    card: '#fdfcf8',
    line: '#b9b5a6',
    main: '#12344d',
    coral: '#a83825',
  },
  sun: {
    ink: '#000000',
    soft: '#1b2a33',
    card: '#ffffff',
    line: '#3a474e',
    main: '#00243d',
    coral: '#9b1600',
  },
  night: {
    ink: '#b5c1c3',
    soft: '#84969c',
    card: '#0f191e',
    line: '#33474f',
    main: '#8fb6cc',
    coral: '#d9806b',
  },
}

/** Gives the component library our own look. */
export function naiveOverrides(look: Look): GlobalThemeOverrides {
  const c = COLOURS[look]
  return {
    common: {
      fontFamily: "'Source Sans 3 Variable', sans-serif",
      fontSize: '16px',
      fontSizeMedium: '16px',
      heightMedium: '44px',
      borderRadius: '6px',
      primaryColor: c.main,
      primaryColorHover: c.main,
      primaryColorPressed: c.main,
      primaryColorSuppl: c.main,
      errorColor: c.coral,
      errorColorHover: c.coral,
      textColorBase: c.ink,
      textColor1: c.ink,
      textColor2: c.ink,
      textColor3: c.soft,
      placeholderColor: c.soft,
      inputColor: c.card,
      borderColor: c.line,
      popoverColor: c.card,
      modalColor: c.card,
      cardColor: c.card,
      bodyColor: c.card,
    },
    Input: { border: `1px solid ${c.line}`, color: c.card, colorFocus: c.card, caretColor: c.ink },
  }
}
