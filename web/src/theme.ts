import { createVuetify } from 'vuetify'
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg'

const day = {
  dark: false,
  colors: {
    background: '#F7F3EA',
    surface: '#FFFCF5',
    'surface-variant': '#EAE2D1',
    'on-surface': '#2A241F',
    'on-background': '#2A241F',
    'on-surface-variant': '#3A332C',
    primary: '#4D63A8',
    'on-primary': '#FFFFFF',
    secondary: '#4A6640',
    'on-secondary': '#FFFFFF',
    error: '#A63D2F',
    'on-error': '#FFFFFF',
    warning: '#8A5F17',
    info: '#4D63A8',
    success: '#4A6640',
  },
}

const nightCab = {
  dark: true,
  colors: {
    background: '#1B1815',
    surface: '#25211C',
    'surface-variant': '#383129',
    'on-surface': '#EFE7D6',
    'on-background': '#EFE7D6',
    'on-surface-variant': '#DDD2BC',
    primary: '#A9B8EC',
    'on-primary': '#1B1815',
    secondary: '#A9C79B',
    'on-secondary': '#1B1815',
    error: '#F0998B',
    'on-error': '#1B1815',
    warning: '#E3B566',
    info: '#A9B8EC',
    success: '#A9C79B',
  },
}

function remembered(): string {
  return (
    localStorage.getItem('furrow-theme') ??
    (window.matchMedia('(prefers-color-scheme: dark)').matches ? 'nightCab' : 'day')
  )
}

export const vuetify = createVuetify({
  theme: { defaultTheme: remembered(), themes: { day, nightCab } },
  icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
  defaults: {
    VTextField: { density: 'compact', variant: 'outlined', hideDetails: 'auto' },
    VSelect: { density: 'compact', variant: 'outlined', hideDetails: 'auto' },
    VAutocomplete: { density: 'compact', variant: 'outlined', hideDetails: 'auto' },
    VCombobox: { density: 'compact', variant: 'outlined', hideDetails: 'auto' },
    VTextarea: { density: 'compact', variant: 'outlined', hideDetails: 'auto' },
    VBtn: { variant: 'flat', style: 'text-transform:none;letter-spacing:0' },
    VCard: { elevation: 0, border: true },
    VCheckbox: { density: 'compact', hideDetails: 'auto' },
  },
})
