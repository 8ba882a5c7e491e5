import { createTheme, type MantineColorsTuple } from '@mantine/core';

const lake: MantineColorsTuple = [
  '#eef3f0',
  '#dfe8e3',
  '#bdd0c9',
  '#98b6ad',
  '#6f978d',
  '#477a70',
  '#2c635b',
  '#1b524d',
  '#174743',
  '#123c38',
];
const madder: MantineColorsTuple = [
  '#faf0ed',
  '#f4e2dc',
  '#e6bfb6',
  '#d6978d',
  '#c46e64',
  '#b04d45',
  '#a23a35',
  '#9a2a27',
  '#832220',
  '#6b1a19',
];

/** Mantine dressed in the house's own tokens (theme.css). */
export const theme = createTheme({
  fontFamily: 'var(--sans)',
  headings: { fontFamily: 'var(--serif)', fontWeight: '500' },
  colors: { lake, madder },
  primaryColor: 'lake',
  primaryShade: 7,
  defaultRadius: 2,
  respectReducedMotion: true,
  black: '#24211d',
  fontSizes: { xs: '12px', sm: '13.5px', md: '14.5px', lg: '17px', xl: '20px' },
  components: {
    TextInput: { defaultProps: { size: 'sm' } },
    Button: { defaultProps: { size: 'sm' } },
    Modal: { defaultProps: { closeButtonProps: { 'aria-label': 'Close' } } },
    Notification: { defaultProps: { closeButtonProps: { 'aria-label': 'Put the message away' } } },
    Drawer: { defaultProps: { closeButtonProps: { 'aria-label': 'Close' } } },
  },
});
