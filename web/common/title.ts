import { useDocumentTitle } from '@mantine/hooks';

/** What a window and its tab are called: the screen, and of what. */
export const useTitle = (screen: string): void => useDocumentTitle(`${screen} – Baros`);
