import { theme, type ConfigProviderProps } from 'ant-design-vue'

export type ThemeName = 'day' | 'night'

const day = { ink: '#1c2426', card: '#fffdf7', rule: '#cfc8b6', soft: '#535d5c', pick: '#fff3d1', faint: '#e7e1d2' }
const night = { ink: '#ece7da', card: '#1d2526', rule: '#46504f', soft: '#a9b1ac', pick: '#3a3216', faint: '#2b3435' }

/** The component library's tokens set to the card's ink and paper. */
export function themeOf(name: ThemeName): ConfigProviderProps['theme'] {
  const c = name === 'day' ? day : night
  return {
    algorithm: name === 'day' ? theme.defaultAlgorithm : theme.darkAlgorithm,
    token: {
      colorPrimary: c.ink,
      colorText: c.ink,
      colorTextPlaceholder: c.soft,
      colorBgBase: c.card,
      // what opens over a view is of the same paper
      colorBgElevated: c.card,
      colorBorder: c.rule,
      colorLink: c.ink,
      controlItemBgActive: c.pick,
      controlItemBgHover: c.faint,
      borderRadius: 3,
      controlOutlineWidth: 0,
      boxShadow: 'none',
      boxShadowSecondary: `0 0 0 1.5px ${c.ink}`,
      fontFamily: "'Archivo', sans-serif",
      fontSize: 14,
      // what opens is there at once: motion is for what it explains
      motionDurationFast: '0s',
      motionDurationMid: '0s',
      motionDurationSlow: '0s',
    },
  }
}
