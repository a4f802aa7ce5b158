const packages = (...names: string[]) => `node_modules/(?:${names.join('|')})/`;
const mantine = (...components: string[]) =>
  packages(`@mantine/core/esm/components/(?:${components.join('|')})`);

/** What every screen needs; of each package only what is used. */
const LIBRARIES = [
  packages(
    'react',
    'react-dom',
    'scheduler',
    'react-router',
    '@tanstack/query-core',
    '@tanstack/react-query',
  ),
  packages('@floating-ui', 'react-remove-scroll', 'react-remove-scroll-bar', 'react-style-singleton'),
  packages('use-callback-ref', 'use-sidecar', 'get-nonce', 'tslib', 'clsx', '@mantine/hooks'),
  packages('@mantine/core/esm/core', '@mantine/core/esm/utils'),
  mantine(
    'ActionIcon',
    'Badge',
    'Button',
    'CloseButton',
    'FocusTrap',
    'Group',
    'Input',
    'InputBase',
    'Loader',
  ),
  mantine(
    'Menu',
    'Modal',
    'ModalBase',
    'NativeSelect',
    'Overlay',
    'Paper',
    'Popover',
    'Portal',
    'ScrollArea',
  ),
  mantine('Switch', 'Text', 'TextInput', 'Title', 'Transition', 'UnstyledButton', 'VisuallyHidden'),
  '/core/units/',
  '/core/kernel/(?:check|reading)\\.ts',
];
/** What computes a truck. */
const CORE = [
  '/core/(?:build|kernel|truck|subjects|limits)/',
  packages('class-validator', 'class-transformer', 'reflect-metadata', 'validator', 'simple-statistics'),
];
/** With what is chosen and dragged on the bench. */
const FIELDS = [
  mantine('Combobox', 'Select', 'Slider', 'NumberInput', 'SegmentedControl', 'FloatingIndicator'),
  packages('react-number-format'),
];

const group = (name: string, of: string[], priority: number) => ({
  name,
  test: new RegExp(of.join('|')),
  priority,
});

/**
 * What travels in one file. A screen that loads a hundred small files pays for a hundred heads, and what is
 * compressed alone knows nothing of its neighbors; so what every screen needs, what computes, and the fields of
 * the bench come in one file each. The screens themselves are split by their imports.
 */
export const chunks = {
  groups: [group('libraries', LIBRARIES, 3), group('core', CORE, 2), group('fields', FIELDS, 1)],
};
