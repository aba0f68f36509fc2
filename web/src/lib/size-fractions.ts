const FRACTIONS: readonly (readonly [RegExp, string])[] = [
  [/^0?\.5$|\.5$/, '½'],
  [/ 1\/3$/, '⅓'],
  [/ 2\/3$/, '⅔']
];

/**
 * A size as it is set: halves and thirds as one sign. Whoever types one writes 38.5.
 * @example withFractions('38.5') // '38½'
 */
export const withFractions = (label: string): string => FRACTIONS.reduce((text, [written, sign]) => text.replace(written, sign), label);
