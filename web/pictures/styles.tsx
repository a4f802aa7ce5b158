import { MantineProvider } from '@mantine/core';
import { renderToStaticMarkup } from 'react-dom/server';
import { cssVariables, theme } from '../theme/theme';

/** The style sheets that the screens write into their page: the server's policy allows these and no others. */
export const inlineStyles = (): string[] =>
  [
    ...renderToStaticMarkup(
      <MantineProvider theme={theme} cssVariablesResolver={cssVariables} defaultColorScheme="auto">
        {null}
      </MantineProvider>,
    ).matchAll(/<style[^>]*>(.*?)<\/style>/gs),
  ].map(([, text]) => text!);
