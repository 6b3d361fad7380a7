import type { GlobalThemeOverrides } from 'naive-ui'
import type { Look } from '@/preferences'

interface Colours {
  ink: string
  soft: string
  card: string
  line: string
  main: string
  coral: string
  gold: string
  deep: string
  /** A thin line within a table. */
  rule: string
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
    gold: '#d9a02c',
    deep: '#dfe8ea',
    rule: '#dcd8ca',
  },
  sun: {
    ink: '#000000',
    soft: '#1b2a33',
    card: '#ffffff',
    line: '#3a474e',
    main: '#00243d',
    coral: '#9b1600',
    gold: '#ffb81c',
    deep: '#e3e9ec',
    rule: '#77848b',
  },
  night: {
    ink: '#b5c1c3',
    soft: '#84969c',
    card: '#0f191e',
    line: '#33474f',
    main: '#8fb6cc',
    coral: '#d9806b',
    gold: '#9c7220',
    deep: '#16242b',
    rule: '#24343b',
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
    Input: {
      border: `1px solid ${c.line}`,
      color: c.card,
      colorFocus: c.card,
      colorDisabled: c.deep,
      textColorDisabled: c.soft,
      caretColor: c.ink,
    },
    Button: {
      textColor: c.ink,
      border: `1.5px solid ${c.main}`,
      borderHover: `1.5px solid ${c.main}`,
      borderFocus: `1.5px solid ${c.main}`,
      borderPressed: `1.5px solid ${c.main}`,
      borderDisabled: `1.5px solid ${c.main}`,
      textColorHover: c.ink,
      textColorFocus: c.ink,
      textColorPressed: c.ink,
      textColorQuaternary: c.soft,
      rippleDuration: '0s',
      fontWeight: '400',
    },
    Checkbox: { border: `1.5px solid ${c.soft}`, sizeMedium: '20px', checkMarkColor: c.card, color: c.card },
    Radio: {
      boxShadow: `inset 0 0 0 1.5px ${c.soft}`,
      radioSizeMedium: '20px',
      color: c.card,
      colorActive: c.card,
      dotColorActive: c.main,
      textColor: c.ink,
      buttonHeightMedium: '44px',
      buttonBorderColor: c.line,
      buttonColor: c.card,
      buttonColorActive: c.deep,
      buttonTextColorActive: c.ink,
      buttonTextColorHover: c.ink,
      buttonBoxShadowFocus: `inset 0 0 0 2px ${c.main}`,
    },
    Select: {
      peers: {
        // At night the library draws none.
        InternalSelection: {
          border: `1px solid ${c.line}`,
          colorDisabled: c.deep,
          textColorDisabled: c.soft,
        },
      },
    },
    Slider: {
      fillColor: c.main,
      fillColorHover: c.main,
      railColor: c.line,
      railColorHover: c.line,
      handleSize: '24px',
      railHeight: '5px',
      handleColor: c.gold,
    },
    Skeleton: { color: c.deep, colorEnd: c.card },
    Progress: { fillColor: c.gold, railColor: c.deep },
    Steps: {
      headerTextColorWait: c.soft,
      descriptionTextColorWait: c.soft,
      indicatorTextColorWait: c.soft,
      indicatorBorderColorWait: c.soft,
    },
    Table: {
      thColor: 'transparent',
      thColorModal: 'transparent',
      borderColorModal: c.rule,
      tdColor: 'transparent',
      tdColorModal: 'transparent',
      tdColorPopover: 'transparent',
      borderColor: c.rule,
      thTextColor: c.soft,
      tdTextColor: c.ink,
      thFontWeight: '560',
      thPaddingSmall: '6px 10px 6px 0',
      tdPaddingSmall: '6px 10px 6px 0',
      fontSizeSmall: '15px',
    },
    Upload: {
      draggerColor: 'transparent',
      draggerBorder: `1px dashed ${c.line}`,
      draggerBorderHover: `1px dashed ${c.main}`,
    },
    InternalSelectMenu: {
      optionHeightMedium: '44px',
      color: c.card,
      optionTextColor: c.ink,
      optionTextColorActive: c.ink,
      optionCheckColor: c.main,
      optionColorPending: c.deep,
      optionColorActive: 'transparent',
      optionColorActivePending: c.deep,
      groupHeaderTextColor: c.soft,
    },
    Dropdown: {
      optionHeightMedium: '44px',
      color: c.card,
      optionTextColor: c.ink,
      optionColorHover: c.deep,
      optionTextColorHover: c.ink,
      fontSizeMedium: '16px',
    },
  }
}
