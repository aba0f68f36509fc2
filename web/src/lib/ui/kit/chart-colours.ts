import { Chart } from 'chart.js';

/** Colours of a chart's canvas, which cannot read the theme's variables by itself. @example themeColour('side-left') */
export const themeColour = (name: 'side-left' | 'side-right' | 'brass' | 'tight' | 'loose' | 'ink-soft' | 'line'): string =>
  typeof document === 'undefined' ? '' : getComputedStyle(document.documentElement).getPropertyValue(`--color-${name}`).trim();

const TYPE = "'Source Sans 3 Variable'";
const SIZE_PX = 15;
/** Charts made from here on speak in the page's own type: as large as what they mean, dark enough to be read. */
export function chartType(): void {
  Chart.defaults.font.family = `${TYPE}, system-ui, sans-serif`;
  Chart.defaults.font.size = SIZE_PX;
  Chart.defaults.color = themeColour('ink-soft');
  Chart.defaults.borderColor = themeColour('line');
}

/** Draws a chart again once its type is there: a canvas does not wait for it. */
export function withType(chart: Chart): Chart {
  void document.fonts.load(`${SIZE_PX}px ${TYPE}`).then(() => chart.canvas && chart.update('none'));
  return chart;
}
