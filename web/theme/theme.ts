import { createTheme, defaultVariantColorsResolver, Modal } from '@mantine/core';
import type { CSSVariablesResolver, MantineColorsTuple, VariantColorsResolver } from '@mantine/core';
import { DAY, NIGHT } from './colors';

const variables = (colors: typeof DAY) =>
  Object.fromEntries(Object.entries(colors).map(([name, value]) => [`--${name}`, value]));

/** Our tokens as CSS variables, and Mantine's own made of them. */
export const cssVariables: CSSVariablesResolver = () => {
  const mantine = {
    '--mantine-color-body': 'var(--paper)',
    '--mantine-color-text': 'var(--ink)',
    '--mantine-color-dimmed': 'var(--pencil)',
    '--mantine-color-default': 'var(--sheet)',
    '--mantine-color-default-border': 'var(--rule)',
    '--mantine-color-default-color': 'var(--ink)',
    '--mantine-color-default-hover': 'var(--shade)',
    '--mantine-color-placeholder': 'var(--pencil)',
    '--mantine-color-error': 'var(--signal)',
  };
  return {
    variables: {},
    light: { ...variables(DAY), ...mantine },
    dark: { ...variables(NIGHT), ...mantine },
  };
};

const spruce: MantineColorsTuple = [
  '#EAF3F0',
  '#D3E5DF',
  '#A9CFC3',
  '#7CC7AE',
  '#5BA793',
  '#43897A',
  '#357566',
  '#2C6456',
  '#235145',
  '#193D34',
];

/** A filled control wears the color of what holds, with the sheet's color on it: it reads by day and by night. */
const variantColors: VariantColorsResolver = (input) =>
  input.variant === 'filled' && (input.color === undefined || input.color === 'spruce')
    ? {
        background: 'var(--spruce)',
        hover: 'color-mix(in srgb, var(--spruce) 86%, var(--ink))',
        color: 'var(--sheet)',
        border: '1px solid transparent',
      }
    : defaultVariantColorsResolver(input);

/** A list that opens is rolled by itself: what has the role of a list is what is rolled. */
const LIST = { defaultProps: { withScrollArea: false }, classNames: { options: 'rolled' } };

export const theme = createTheme({
  variantColorResolver: variantColors,
  components: {
    // A menu holds items only, and what opens over the screen is a part of it. Named, so that nothing is loaded for it.
    Menu: { defaultProps: { withInitialFocusPlaceholder: false } },
    Popover: { defaultProps: { portalProps: { target: '#screen' } } },
    // A table wider than the screen is rolled by the arrow keys as well.
    TableScrollContainer: { defaultProps: { scrollAreaProps: { viewportProps: { tabIndex: 0 } } } },
    Select: LIST,
    MultiSelect: LIST,
    // The dialog's head is no banner of the page.
    Modal: Modal.extend({
      // What lies below is held by our own style sheet: the page writes no styles that the policy does not know.
      defaultProps: {
        closeButtonProps: { 'aria-label': 'Close' },
        attributes: { header: { role: 'none' } },
        lockScroll: false,
      },
    }),
  },
  fontFamily: 'Barlow, sans-serif',
  fontFamilyMonospace: '"IBM Plex Mono", monospace',
  headings: { fontFamily: '"Barlow Condensed", sans-serif', fontWeight: '600' },
  colors: { spruce },
  primaryColor: 'spruce',
  primaryShade: { light: 7, dark: 3 },
  defaultRadius: 3,
  cursorType: 'pointer',
  focusRing: 'auto',
});
