import { describe, expect, it } from 'vitest';
import { doubleArea, formatOf, holesOf, largestPart, longestEdge, readScan, ScanRefused, trianglesOf, unitsOf, weld, type ScanRefusal } from '../src/scan';

/** A ball of triangles, nine numbers each. */
function ball(radius: number, steps: number, at: readonly [number, number, number] = [0, 0, 0]): number[] {
  const p = (i: number, j: number): number[] => {
    const [a, b] = [(Math.PI * i) / steps, (Math.PI * (j % (2 * steps))) / steps];
    return [at[0] + radius * Math.sin(a) * Math.cos(b), at[1] + radius * Math.sin(a) * Math.sin(b), at[2] + radius * Math.cos(a)];
  };
  const out: number[] = [];
  for (let i = 0; i < steps; i++)
    for (let j = 0; j < 2 * steps; j++) {
      if (i > 0) out.push(...p(i, j), ...p(i + 1, j), ...p(i, j + 1));
      if (i < steps - 1) out.push(...p(i, j + 1), ...p(i + 1, j), ...p(i + 1, j + 1));
    }
  return out;
}
const BALL = ball(134, 20);
const MANY = BALL.length / 9;
const bytesOf = (text: string): Uint8Array => new TextEncoder().encode(text);
function binaryStl(corners: readonly number[], said = corners.length / 9, head = ''): Uint8Array {
  const bytes = new Uint8Array(84 + (50 * corners.length) / 9);
  bytes.set(bytesOf(head));
  const view = new DataView(bytes.buffer);
  view.setUint32(80, said, true);
  corners.forEach((v, i) => view.setFloat32(84 + 50 * Math.floor(i / 9) + 12 + 4 * (i % 9), v, true));
  return bytes;
}
const threes = (corners: readonly number[]): string[] => Array.from({ length: corners.length / 3 }, (_, i) => corners.slice(3 * i, 3 * i + 3).join(' '));
const textStl = (corners: readonly number[]): Uint8Array =>
  bytesOf(`solid made up\n${threes(corners).map((v, i) => `${i % 3 === 0 ? 'facet normal 0 0 1\nouter loop\n' : ''}vertex ${v}\n${i % 3 === 2 ? 'endloop\nendfacet\n' : ''}`).join('')}endsolid\n`); // prettier-ignore
const obj = (corners: readonly number[]): Uint8Array => {
  const lines = threes(corners);
  return bytesOf(`# made up\n${lines.map((v) => `v ${v}`).join('\n')}\n${Array.from({ length: lines.length / 3 }, (_, t) => `f ${3 * t + 1}/1/1 ${3 * t + 2}//2 ${-(lines.length - 3 * t - 2)}`).join('\n')}\n`); // prettier-ignore
};
const header = (format: string, vertices: number, faces: number): string =>
  `ply\nformat ${format} 1.0\ncomment made up\nelement vertex ${vertices}\nproperty uchar red\nproperty float x\nproperty float y\nproperty double z\nelement face ${faces}\nproperty list uchar int vertex_indices\nend_header\n`;
const textPly = (corners: readonly number[]): Uint8Array => {
  const lines = threes(corners);
  return bytesOf(`${header('ascii', lines.length, lines.length / 3)}${lines.map((v) => `7 ${v}`).join('\n')}\n${Array.from({ length: lines.length / 3 }, (_, t) => `3 ${3 * t} ${3 * t + 1} ${3 * t + 2}`).join('\n')}\n`); // prettier-ignore
};
function binaryPly(corners: readonly number[], little: boolean): Uint8Array {
  const many = corners.length / 3;
  const head = bytesOf(header(little ? 'binary_little_endian' : 'binary_big_endian', many, many / 3));
  const bytes = new Uint8Array(head.length + many * 17 + (many / 3) * 13);
  bytes.set(head);
  const view = new DataView(bytes.buffer);
  let at = head.length;
  for (let i = 0; i < many; i++, at += 17) {
    view.setFloat32(at + 1, corners[3 * i], little);
    view.setFloat32(at + 5, corners[3 * i + 1], little);
    view.setFloat64(at + 9, corners[3 * i + 2], little);
  }
  for (let t = 0; t < many / 3; t++, at += 13) {
    bytes[at] = 3;
    for (let k = 0; k < 3; k++) view.setInt32(at + 1 + 4 * k, 3 * t + k, little);
  }
  return bytes;
}
const refusal = (bytes: Uint8Array): ScanRefusal | 'taken' => {
  try {
    readScan(bytes);
    return 'taken';
  } catch (error) {
    if (error instanceof ScanRefused) return error.code;
    throw error;
  }
};

describe('a scan is read', () => {
  it.each([
    ['stl', binaryStl(BALL)],
    ['stl-text', textStl(BALL)],
    ['obj', obj(BALL)],
    ['ply', textPly(BALL)],
    ['ply', binaryPly(BALL, true)],
    ['ply', binaryPly(BALL, false)]
  ] as const)('%s: the same triangles', (format, bytes) => {
    const read = readScan(bytes);
    expect([read.format, read.told]).toEqual([format, []]);
    expect(read.corners).toHaveLength(BALL.length);
    read.corners.forEach((v, i) => expect(Math.abs(v - BALL[i])).toBeLessThan(1e-4));
  });
  it('by what it holds: a binary one that begins with “solid”, and progress is told from nought to one', () => {
    expect(formatOf(binaryStl(BALL, MANY, 'solid foot facet'))).toBe('stl');
    const told: number[] = [];
    readScan(binaryStl(BALL), (done) => told.push(done));
    expect(told[0]).toBe(0);
    expect(told.every((d) => d >= 0 && d <= 1)).toBe(true);
  });
  it.each([7, 0, 4e9])('with a count of %d in its head: all that it holds, and told so', (said) => {
    const read = readScan(binaryStl(BALL, said));
    expect(read.corners).toHaveLength(BALL.length);
    expect(read.told).toEqual([{ code: 'wrong-count', said, holds: MANY }]);
  });
  it('cut off: whole triangles, and told so', () => {
    const cut = binaryStl(BALL).slice(0, -70);
    expect(readScan(cut)).toMatchObject({ told: [{ code: 'cut-off', said: MANY, holds: MANY - 2 }] });
    expect(readScan(cut).corners).toHaveLength(9 * (MANY - 2));
    const ply = binaryPly(BALL, true);
    expect(readScan(ply.slice(0, ply.length - 20)).told[0]).toMatchObject({ code: 'cut-off', holds: MANY - 2 });
  });
  it.each<[string, Uint8Array, ScanRefusal]>([
    ['a zip', new Uint8Array([0x50, 0x4b, 3, 4, ...new Uint8Array(500)]), 'packed'],
    ['a gzip', new Uint8Array([0x1f, 0x8b, ...new Uint8Array(500)]), 'packed'],
    ['a photograph', new Uint8Array([0xff, 0xd8, 0xff, ...new Uint8Array(500)]), 'picture'],
    ['a PDF', bytesOf('%PDF-1.7 …'), 'document'],
    ['nothing', new Uint8Array(), 'empty'],
    ['a letter', bytesOf('Dear fitter, here is my foot.'), 'unknown'],
    ['an STL of no triangles', new Uint8Array(84), 'empty'],
    ['a text STL of no triangles', bytesOf('solid empty\nendsolid empty\n'), 'empty'],
    ['a pebble of few triangles', binaryStl(ball(120, 4)), 'too-coarse'],
    ['noise', Uint8Array.from({ length: 60_084 }, (_, i) => (i * 7919 + (i >> 3) * 104_729) & 255), 'no-numbers'],
    ['no numbers', binaryStl(BALL.map((v, i) => (i % 20 === 0 ? NaN : v))), 'no-numbers'],
    ['faces of corners that are not there', bytesOf('v 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 9\n'), 'bad-index'],
    ['a PLY without an end to its header', bytesOf('ply\nformat ascii 1.0\nelement vertex 3\n'), 'bad-header'],
    ['a PLY of four thousand million corners', bytesOf(header('binary_little_endian', 4e9, 2000)), 'bad-header'],
    ['more than two million triangles', (() => { const b = new Uint8Array(84 + 50 * 2_000_001); new DataView(b.buffer).setUint32(80, 2_000_001, true); return b; })(), 'too-many'], // prettier-ignore
    ['200 MB', new Uint8Array(200_000_000), 'too-large']
  ])('%s is refused, in words', (_what, bytes, code) => {
    expect(refusal(bytes)).toBe(code);
    expect(new ScanRefused(code).message.length).toBeGreaterThan(10);
  });
});

describe('its surface', () => {
  const corners = Float32Array.from(BALL);
  it('hangs together: a closed ball has no hole, and Euler’s number', () => {
    const mesh = weld(corners, 1);
    const edges = new Set<string>();
    for (let t = 0; t < mesh.triangles.length; t += 3)
      for (let k = 0; k < 3; k++) edges.add([mesh.triangles[t + k], mesh.triangles[t + ((k + 1) % 3)]].sort((a, b) => a - b).join());
    expect(mesh.points.length / 3 - edges.size + trianglesOf(mesh)).toBe(2);
    expect(holesOf(mesh)).toEqual([]);
    let area = 0;
    for (let t = 0; t < trianglesOf(mesh); t++) area += doubleArea(mesh, t) / 2;
    expect(area / (4 * Math.PI * 134 ** 2)).toBeGreaterThan(0.98);
    expect(area / (4 * Math.PI * 134 ** 2)).toBeLessThan(1);
  });
  it('one triangle out is one hole of three edges, where it was', () => {
    const mesh = weld(corners.slice(9 * 300), 1);
    const holes = holesOf(weld(Float32Array.from([...corners.slice(0, 9 * 200), ...corners.slice(9 * 201)]), 1));
    expect(holes).toHaveLength(1);
    expect(holes[0].loop).toHaveLength(3);
    expect(Math.hypot(...holes[0].at)).toBeGreaterThan(130);
    expect(holesOf(mesh)[0].lengthMm).toBeGreaterThan(100);
  });
  it('what is no number or has lost a corner is left out; a smaller part is dropped and told by its share', () => {
    const bad = Float32Array.from([...BALL, NaN, 0, 0, 1, 1, 1, 2, 2, 2, 5, 5, 5, 5, 5, 5.001, 9, 9, 9]);
    expect(trianglesOf(weld(bad, 1))).toBe(MANY);
    const { part, others } = largestPart(weld(Float32Array.from([...ball(30, 12, [400, 0, 0]), ...BALL]), 1));
    expect(trianglesOf(part)).toBe(MANY);
    expect(others).toHaveLength(1);
    expect(others[0]).toBeCloseTo((30 / 134) ** 2, 2);
    expect(largestPart(weld(corners, 1)).others).toEqual([]);
  });
  it('its unit is taken where only one comes into question, and asked where two do or none is likely', () => {
    expect(longestEdge(corners)).toBeCloseTo(268, 0);
    for (const [longest, id] of [
      [268, 'mm'],
      [26.8, 'cm'],
      [0.268, 'm']
    ] as const)
      // prettier-ignore
      expect(unitsOf(longest)).toEqual({ taken: expect.objectContaining({ id }) });
    // An inch and a centimetre are near each other, and a child's foot in millimetres is short.
    expect(unitsOf(10.55)).toEqual({ ask: [expect.objectContaining({ id: 'in' }), expect.objectContaining({ id: 'cm' })] });
    for (const longest of [9.5, 15, 95]) expect(unitsOf(longest)).toHaveProperty('ask');
    expect(unitsOf(3)).toEqual({ ask: [] });
  });
});
