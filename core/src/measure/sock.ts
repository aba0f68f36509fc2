/**
 * What a sock takes [estimate]: a layer of thickness t lengthens the outline by 2 x 0.4 t
 * and the girth by 2 pi x 0.25 t. The two factors differ because a sock is squeezed harder around the ball.
 */
export const SOCK_LAYER = { outlineFactor: 0.4, girthFactor: 0.25, source: 'estimate' } as const;

/** Socks by name, uncompressed thickness of one layer in mm [practice]. */
export const SOCKS = [
  { id: 'none', name: 'no sock', mm: 0 },
  { id: 'stocking', name: 'thin stocking or tights', mm: 0.3 },
  { id: 'dress', name: 'dress sock', mm: 1 },
  { id: 'sport', name: 'sport sock', mm: 2.5 },
  { id: 'boot', name: 'thick boot sock', mm: 4 }
] as const;
export type SockId = (typeof SOCKS)[number]['id'];
export const SOCK = Object.fromEntries(SOCKS.map((s) => [s.id, s])) as Readonly<Record<SockId, (typeof SOCKS)[number]>>;
/** Which sock has this thickness; null for one without a name. */
export const sockOf = (mm: number): SockId | null => SOCKS.find((s) => Math.abs(s.mm - mm) < 0.01)?.id ?? null;

/** How much the outline grows on each side, mm. */
export const sockOutlineMm = (sockMm: number): number => SOCK_LAYER.outlineFactor * sockMm;
/** How much a girth grows, mm. */
export const sockGirthMm = (sockMm: number): number => 2 * Math.PI * SOCK_LAYER.girthFactor * sockMm;
