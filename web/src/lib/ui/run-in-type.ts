import { afterPaint } from './after-paint';

/** Every size and weight in which a candidate is set. */
const SETTINGS = [
  'text-lg font-semibold',
  'figures text-2xl font-semibold',
  'figures text-xl font-semibold',
  'text-sm',
  'figures text-sm',
  'text-sm font-bold'
];

/** Has type set that comes later, out of sight and for one frame: the first line in a size waits for the system to make that size. */
export function runInType(): void {
  const lines = document.createElement('div');
  lines.setAttribute('aria-hidden', 'true');
  lines.style.cssText = 'position: fixed; visibility: hidden; contain: strict;';
  for (const setting of SETTINGS) lines.appendChild(Object.assign(document.createElement('p'), { className: setting, textContent: '38.5' }));
  document.body.appendChild(lines);
  afterPaint(() => lines.remove());
}
