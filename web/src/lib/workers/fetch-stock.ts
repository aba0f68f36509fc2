import type { Style } from '@chiave/core/fit';

/** The whole stockroom, as a worker fetches it beside the page. @throws Error when the server does not give it */
export async function fetchStock(): Promise<ReadonlyMap<string, Style>> {
  const response = await fetch('/api/v1/styles');
  if (!response.ok) throw new Error('the stockroom could not be read from the server');
  const { styles } = (await response.json()) as { styles: Style[] };
  return new Map(styles.map((s) => [s.id, s]));
}
