/** What is measured inside a pair. */
export const READ_FIGURES = [
  { id: 'lengthMm', name: 'length' },
  { id: 'ballMm', name: 'ball width' },
  { id: 'narrowMm', name: 'narrow part' },
  { id: 'heelMm', name: 'heel width' },
  { id: 'ballGirthMm', name: 'ball girth' }
] as const;
