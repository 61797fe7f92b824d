import antTheme from 'ant-design-vue/es/theme'
import type { ThemeConfig } from 'ant-design-vue/es/config-provider/context'
import { radius, schemes, type Scheme } from './tokens.ts'

/** Height of what is pressed and typed into: for a mouse, and for a thumb outdoors [px]. */
const controlHeights = { wide: 38, narrow: 46 } as const

/** The library in our dress: its own tokens, filled from ours. */
export function libraryTheme(scheme: Scheme, size: keyof typeof controlHeights): ThemeConfig {
  const { paper, sheet, sunken, ink, slate, faint, line, rust, ...rest } = schemes[scheme]
  return {
    algorithm: scheme === 'dark' ? antTheme.darkAlgorithm : antTheme.defaultAlgorithm,
    token: {
      colorPrimary: rust,
      colorError: rust,
      colorWarning: rust,
      colorLink: rust,
      colorInfo: slate,
      colorSuccess: slate,
      colorTextLightSolid: rest['on-rust'],
      colorText: ink,
      colorTextHeading: ink,
      colorTextSecondary: slate,
      colorTextTertiary: slate,
      colorTextDescription: slate,
      colorTextPlaceholder: faint,
      colorTextDisabled: faint,
      colorBgBase: paper,
      colorBgLayout: paper,
      colorBgContainer: sheet,
      colorBgElevated: sheet,
      colorBorder: rest['strong-line'],
      colorBorderSecondary: line,
      colorFillAlter: sunken,
      colorErrorBg: rest['rust-wash'],
      colorWarningBg: rest['rust-wash'],
      fontFamily: "'Inter Variable', 'DejaVu Sans', sans-serif",
      fontSize: 15,
      borderRadius: radius,
      controlHeight: controlHeights[size],
      wireframe: false,

      // What opens is there at once: nothing slides under a thumb, nothing is placed while it moves.
      motionDurationFast: '0s',
      motionDurationMid: '0s',
      motionDurationSlow: '0s',
    },
  }
}
