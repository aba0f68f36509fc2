/** Colours of a chart's canvas, which cannot read the theme's variables by itself. @example themeColour('side-left') */
export const themeColour = (name: 'side-left' | 'side-right' | 'brass' | 'tight' | 'loose'): string =>
  typeof document === 'undefined' ? '' : getComputedStyle(document.documentElement).getPropertyValue(`--color-${name}`).trim();
