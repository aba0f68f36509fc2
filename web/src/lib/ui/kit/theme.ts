import type { ThemeConfig } from 'flowbite-svelte/types';

const CONTROL =
  'min-h-11 rounded-[9px] border-edge bg-sheet text-ink text-base px-3 py-1.5 placeholder:text-ink-soft aria-invalid:border-2 aria-invalid:border-tight';
const FOCUS = 'focus:border-edge focus:ring-0 focus-visible:outline-3 focus-visible:outline-offset-2 focus-visible:outline-brass-bright';
const TICK = 'm-0 me-0 h-5 w-5 border-edge bg-sheet text-brass-line focus:ring-0';

/** Of an area, which takes nothing from the theme. */
export const AREA = `block w-full ${CONTROL} ${FOCUS}`;

/** How the parts of the interface library look here: paper, ink and brass instead of its own colours, touch-sized, at least 16 px. */
export const KIT_THEME: ThemeConfig = {
  button: { base: `min-h-11 rounded-[9px] px-3.5 py-1.5 text-base ${FOCUS} focus-within:ring-0` },
  input: { base: 'w-auto', input: `${CONTROL} ${FOCUS}` },
  select: { base: 'w-full', select: `${CONTROL} ${FOCUS} pe-9` },
  label: 'text-base font-normal text-ink',
  helper: 'text-sm',
  radio: { label: 'text-base font-normal', input: TICK },
  checkbox: { div: 'text-base font-normal', base: `${TICK} rounded-[4px]` },
  table: { table: 'text-base text-ink' },
  card: { base: 'block max-w-none rounded-[12px] border-line bg-sheet p-4 text-ink shadow-[0_2px_6px_rgb(42_36_32_/_6%)]' },
  alert: 'rounded-[9px] border px-3 py-2 text-base',
  modal: {
    base: 'rounded-[12px] border border-line bg-sheet text-ink shadow-[0_8px_24px_rgb(42_36_32_/_14%)]',
    body: 'text-ink',
    header: { base: 'border-line' } as never
  },
  badge: { base: 'rounded-[9px] border border-brass-line bg-brass-pale px-2 py-0.5 text-sm font-semibold text-ink' } as never,
  fileupload: { base: 'sr-only' } as never
};
