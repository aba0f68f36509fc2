import { BoxGeometry, Line3, Mesh, MeshBasicMaterial, Plane as ThreePlane, SphereGeometry, TorusKnotGeometry, Vector3, type BufferGeometry } from 'three';
import { OBJExporter } from 'three/addons/exporters/OBJExporter.js';
import { PLYExporter } from 'three/addons/exporters/PLYExporter.js';
import { STLExporter } from 'three/addons/exporters/STLExporter.js';
import { mergeVertices } from 'three/addons/utils/BufferGeometryUtils.js';
import { describe, expect, it, vi } from 'vitest';
import { cutPoints, outward, readScan, tapeCut, weld, type Plane, type Space } from '@chiave/core/scan';

// The library tells that it is done by a frame of the browser, which is not waited for here.
vi.stubGlobal('requestAnimationFrame', () => 0);

/** Shapes of a general library for three dimensions, written by it and read here; and its cuts beside ours. */
const SHAPES: Readonly<Record<string, BufferGeometry>> = {
  sphere: new SphereGeometry(50, 48, 36),
  knot: new TorusKnotGeometry(70, 14, 160, 12),
  box: new BoxGeometry(200, 90, 60, 8, 8, 8)
};
const bytesOf = (said: unknown): Uint8Array =>
  typeof said === 'string'
    ? new TextEncoder().encode(said)
    : said instanceof ArrayBuffer
      ? new Uint8Array(said)
      : new Uint8Array((said as DataView).buffer, (said as DataView).byteOffset, (said as DataView).byteLength);
const meshOf = (geometry: BufferGeometry): Mesh => new Mesh(geometry, new MeshBasicMaterial());
const WRITERS: Readonly<Record<string, (mesh: Mesh) => unknown>> = {
  'text STL': (mesh) => new STLExporter().parse(mesh),
  'binary STL': (mesh) => new STLExporter().parse(mesh, { binary: true }),
  OBJ: (mesh) => new OBJExporter().parse(mesh),
  'text PLY': (mesh) => new PLYExporter().parse(mesh, () => {}, {}),
  'binary PLY': (mesh) => new PLYExporter().parse(mesh, () => {}, { binary: true }),
  'binary PLY, little end first': (mesh) => new PLYExporter().parse(mesh, () => {}, { binary: true, littleEndian: true })
};
/** Corners of a geometry, nine numbers a triangle, without those triangles that have no area at a pole. */
function cornersOf(geometry: BufferGeometry): number[] {
  const flat = geometry.toNonIndexed().getAttribute('position');
  return Array.from({ length: 3 * flat.count }, (_, i) => flat.array[i]);
}

describe('files written by a general 3-D library', () => {
  for (const [shape, geometry] of Object.entries(SHAPES))
    for (const [name, write] of Object.entries(WRITERS))
      it(`${shape}, ${name}: the same triangles`, () => {
        const { corners, told } = readScan(bytesOf(write(meshOf(geometry))));
        const own = cornersOf(geometry);
        expect(told).toEqual([]);
        expect(corners).toHaveLength(own.length);
        let off = 0;
        for (let i = 0; i < own.length; i++) off = Math.max(off, Math.abs(corners[i] - own[i]));
        // PLY is written with six figures.
        expect(off).toBeLessThan(1e-3);
      });
});

describe('a cut, beside the library’s own', () => {
  const planes: Plane[] = [
    { at: [3.3, 1, 2], normal: [1, 0, 0] },
    { at: [1, 0.4, -7], normal: [0.6, 0, 0.8] },
    { at: [0, 0, 5.2], normal: [0.36, 0.48, 0.8] }
  ];
  for (const [shape, geometry] of Object.entries(SHAPES))
    it(`${shape}: a plane meets its edges where the library says`, () => {
      const mesh = weld(Float32Array.from(cornersOf(geometry)), 1);
      const merged = mergeVertices(geometry.clone().deleteAttribute('normal').deleteAttribute('uv'), 0.005);
      for (const plane of planes) {
        const theirs = new ThreePlane().setFromNormalAndCoplanarPoint(new Vector3(...plane.normal), new Vector3(...plane.at));
        const found: number[] = [];
        const position = merged.getAttribute('position');
        const index = merged.getIndex()!;
        const place = (i: number): Vector3 => new Vector3().fromBufferAttribute(position, index.getX(i));
        for (let t = 0; t < index.count; t += 3)
          for (let k = 0; k < 3; k++) {
            const at = theirs.intersectLine(new Line3(place(t + k), place(t + ((k + 1) % 3))), new Vector3());
            if (at) found.push(at.x + 1.7 * at.y + 2.9 * at.z);
          }
        const cut = cutPoints(mesh, plane);
        const ours: number[] = [];
        for (let i = 0; i < cut.length; i += 3) ours.push(cut[i] + 1.7 * cut[i + 1] + 2.9 * cut[i + 2]);
        expect(ours.length).toBeGreaterThan(20);
        // An edge that only touches the plane is met by one of the two: every point of either has its like in the other.
        const [a, b] = [ours, found].map((all) => [...all].sort((p, q) => p - q));
        const apart = (from: number[], to: number[]): number =>
          Math.max(...from.map((v) => to.reduce((least, w) => Math.min(least, Math.abs(v - w)), Infinity)));
        expect(apart(a, b)).toBeLessThan(0.02);
        expect(apart(b, a)).toBeLessThan(0.02);
      }
    });
  it('a tape round a sphere is its circle, square or aslant', () => {
    const mesh = weld(Float32Array.from(cornersOf(SHAPES.sphere)), 1);
    const round = (at: Space, normal: Space): number => tapeCut(mesh, { at, normal })!.lengthMm;
    expect(round([0, 0, 0], [1, 0, 0])).toBeGreaterThan(0.995 * 2 * Math.PI * 50);
    expect(round([0, 0, 0], [1, 0, 0])).toBeLessThan(2 * Math.PI * 50);
    expect(Math.abs(round([0, 0, 30], [0, 0, 1]) / (2 * Math.PI * 40) - 1)).toBeLessThan(0.01);
  });
});

describe('what a surface of the library holds', () => {
  const held = (geometry: BufferGeometry) => outward(weld(Float32Array.from(cornersOf(geometry)), 1), null);
  it('is the volume of its shape over its area, and is the same with all faces turned', () => {
    expect(held(SHAPES.box).thickMm).toBeCloseTo((200 * 90 * 60) / (2 * (200 * 90 + 90 * 60 + 60 * 200)), 3);
    expect(Math.abs(held(SHAPES.sphere).thickMm / (50 / 3) - 1)).toBeLessThan(0.005);
    for (const geometry of Object.values(SHAPES)) {
      const { mesh, thickMm } = held(geometry);
      const inward = mesh.triangles.slice().reverse();
      const back = outward({ ...mesh, triangles: inward }, null);
      expect(back.thickMm).toBeCloseTo(thickMm, 6);
      expect(back.mesh.triangles).not.toBe(inward);
      expect(outward(back.mesh, null).mesh).toBe(back.mesh);
    }
  });
});
