import { Anchor, Button, createTheme, type MantineColorsTuple } from '@mantine/core';

/** The one accent: where you are, what can be done; never a paint. */
const rust: MantineColorsTuple = [
  '#fbeee6',
  '#f3dccf',
  '#f0c3a8',
  '#f09a67',
  '#d9723c',
  '#bb5425',
  '#a1431a',
  '#8a3814',
  '#742e10',
  '#5c240b',
];

export const theme = createTheme({
  primaryColor: 'rust',
  primaryShade: { light: 6, dark: 3 },
  colors: { rust },
  autoContrast: true,
  fontFamily: "'Instrument Sans Variable', sans-serif",
  headings: { fontFamily: "'Bricolage Grotesque Variable', sans-serif" },
  defaultRadius: 3,
  respectReducedMotion: true,
  cursorType: 'pointer',
  components: {
    Button: Button.extend({
      vars: (_, { variant, size }) => ({
        root: {
          // At the bench a button is pressed with a knuckle.
          '--button-height': size === 'xl' ? '60px' : 'var(--press, 40px)',
          '--button-padding-x': '16px',
          '--button-fz': size === 'xl' ? '18px' : '14px',
          '--button-bg': variant === 'default' ? 'transparent' : 'var(--ink)',
          '--button-hover': variant === 'default' ? 'var(--panel)' : 'var(--ink)',
          '--button-color': variant === 'default' ? 'var(--ink)' : 'var(--paper)',
          '--button-bd': `1px solid ${variant === 'default' ? 'var(--edge)' : 'var(--ink)'}`,
        },
      }),
    }),
    Input: { vars: () => ({ wrapper: { '--input-bd': 'var(--edge)' } }) },
    Anchor: Anchor.extend({ defaultProps: { classNames: { root: 'link' }, unstyled: true } }),
    ModalCloseButton: { defaultProps: { 'aria-label': 'Close', size: 44, iconSize: 20 } },
    // The page has its header; that of a dialog is none.
    ModalHeader: { defaultProps: { component: 'div' } },
    Notification: { defaultProps: { closeButtonProps: { 'aria-label': 'Close' } } },
  },
});
