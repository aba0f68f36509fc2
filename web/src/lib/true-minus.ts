/**
 * A sum as it is set: a minus is a minus sign, not the hyphen a keyboard has. A range such as 6-7 and a hyphened word stay.
 * @example withMinus('268 - 270 = -2') // '268 − 270 = −2'
 */
export const withMinus = (sum: string): string => sum.replace(/(^|[\s(])-(?=\s|\d)/g, '$1−');
