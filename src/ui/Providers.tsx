import { MantineProvider } from '@mantine/core';
import { Notifications } from '@mantine/notifications';
import { type ReactNode, useEffect } from 'react';
import { KeyHelp, type KeyRow } from './KeyHelp';
import { MergeDialog } from './MergeDialog';
import { theme } from './theme';

/** The one root of a page: theme, messages, and what the keys do under `?`. */
export function Providers({
  children,
  keys = [],
}: {
  readonly children: ReactNode;
  readonly keys?: readonly KeyRow[];
}) {
  // Until its effects have run, a page that is drawn hears no key; whoever drives it waits for this.
  useEffect(() => {
    document.documentElement.dataset.live = '';
  }, []);
  return (
    <MantineProvider theme={theme} forceColorScheme="light">
      <Notifications position="bottom-left" autoClose={6000} />
      {children}
      <MergeDialog />
      <KeyHelp keys={keys} />
    </MantineProvider>
  );
}
