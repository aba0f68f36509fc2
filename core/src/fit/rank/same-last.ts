import type { Style } from '../shoe';

export interface SameLast {
  style: Style;
  /** Why it may still fit or feel otherwise: another material, closure, insole or toe. */
  otherwise: string[];
}

const ATTRIBUTES: readonly (readonly [keyof Style, string])[] = [
  ['upper', 'another upper'],
  ['closure', 'another closure'],
  ['toeStructure', 'another toe'],
  ['soleStiffness', 'another sole'],
  ['heelHeightMm', 'another heel'],
  ['removableInsoleMm', 'another insole']
];

/**
 * What else is on the last of a style: a strong prior that it fits, not a proof (schools differ).
 * @returns the same way round first, those that differ least before those that differ more
 */
export function onSameLast(style: Style, styles: readonly Style[]): SameLast[] {
  return styles
    .filter((s) => s.id !== style.id && s.last.id === style.last.id)
    .map((other) => ({ style: other, otherwise: ATTRIBUTES.filter(([key]) => other[key] !== style[key]).map(([, said]) => said) }))
    .sort((p, q) => p.otherwise.length - q.otherwise.length || p.style.name.localeCompare(q.style.name));
}
