/** Sections of an opened shoe, in the order of the bar and of the keys 1 to 8; each has its own address. */
export const SECTIONS = [
  { id: 'brief', name: 'In brief' },
  { id: 'heel', name: 'Heel' },
  { id: 'sizes', name: 'Sizes' },
  { id: 'helps', name: 'Helps' },
  { id: 'wear', name: 'Wear' },
  { id: 'trouble', name: 'Trouble' },
  { id: 'why', name: 'Why' },
  { id: 'use', name: 'For the use' }
] as const;
export type SectionId = (typeof SECTIONS)[number]['id'];

/** The section an address names; the first for any other. */
export const sectionOf = (url: URL): SectionId => SECTIONS.find((s) => s.id === url.searchParams.get('part'))?.id ?? SECTIONS[0].id;
/** The same page at another section. */
export function hrefOfSection(url: URL, id: SectionId): string {
  const query = new URLSearchParams(url.searchParams);
  if (id === SECTIONS[0].id) query.delete('part');
  else query.set('part', id);
  return `${url.pathname}?${query}`;
}
