import type { Point } from '@chiave/core/shape';

/** An outline out of an SVG: only its geometry is read; nothing of the file enters the page. */
export type SvgOutline =
  | { kind: 'outline'; points: Point[]; size: string }
  | { kind: 'no-units'; points: Point[]; width: number; height: number }
  | { kind: 'refused'; message: string };

const MOST_BYTES = 2_000_000;
const STEPS = 1500;
const MM_PER_UNIT: Readonly<Record<string, number>> = { mm: 1, cm: 10, in: 25.4, pt: 25.4 / 72, pc: 25.4 / 6 };

/** A length with a real unit, mm; null without one (pixels are no length on paper). */
export function realLength(text: string | null): number | null {
  const match = /^\s*([\d.]+)\s*(mm|cm|in|pt|pc)\s*$/.exec(text ?? '');
  return match ? Number(match[1]) * MM_PER_UNIT[match[2]] : null;
}

/**
 * Reads the largest closed shape of an SVG. Must run in a page: the browser measures the path.
 * @param unitMm millimetres of one drawing unit, where the person has said it
 */
export function readSvgOutline(text: string, unitMm: number | null = null): SvgOutline {
  const refused = (message: string): SvgOutline => ({ kind: 'refused', message });
  if (text.length > MOST_BYTES) return refused(`The file has ${(text.length / 1e6).toFixed(1)} MB; an outline has at most 2 MB.`);
  const document = new DOMParser().parseFromString(text, 'image/svg+xml');
  const svg = document.documentElement;
  if (document.querySelector('parsererror') || svg.localName !== 'svg') return refused('This is no SVG file.');
  const shapes = [...svg.querySelectorAll('path, polygon, polyline')].flatMap((element) => {
    const d = element.localName === 'path' ? element.getAttribute('d') : `M${(element.getAttribute('points') ?? '').trim()}Z`;
    return d && !element.closest('[transform]') ? [d] : [];
  });
  const moved = svg.querySelector('[transform]') !== null;
  const drawn = shapes.map((d) => pointsAlong(d)).filter((p) => p.length > 8);
  const points = drawn.sort((p, q) => area(q) - area(p))[0];
  if (!points) return refused(moved ? 'Its shapes are moved by transforms: save the outline as a plain path.' : 'There is no path or polygon in it.');
  const box = (svg.getAttribute('viewBox') ?? '')
    .trim()
    .split(/[\s,]+/)
    .map(Number);
  const [width, height] = [svg.getAttribute('width'), svg.getAttribute('height')];
  const wide = realLength(width);
  const scale = unitMm ?? (wide !== null && box.length === 4 && box[2] > 0 ? wide / box[2] : null);
  if (scale === null) {
    const [xs, ys] = [points.map((p) => p.x), points.map((p) => p.y)];
    return { kind: 'no-units', points, width: Math.max(...xs) - Math.min(...xs), height: Math.max(...ys) - Math.min(...ys) };
  }
  return { kind: 'outline', points: points.map(({ x, y }) => ({ x: x * scale, y: y * scale })), size: `${width ?? ''} × ${height ?? ''}` };
}

/** A path's points, by a path element that holds nothing but its geometry and never enters the page. */
function pointsAlong(d: string): Point[] {
  const path = document.createElementNS('http://www.w3.org/2000/svg', 'path');
  path.setAttribute('d', d);
  const length = path.getTotalLength();
  if (!(length > 0) || !Number.isFinite(length)) return [];
  return Array.from({ length: STEPS }, (_, i) => {
    const { x, y } = path.getPointAtLength((length * i) / STEPS);
    return { x, y };
  });
}

const area = (points: readonly Point[]): number =>
  Math.abs(points.reduce((sum, p, i) => sum + p.x * points[(i + 1) % points.length].y - points[(i + 1) % points.length].x * p.y, 0)) / 2;
