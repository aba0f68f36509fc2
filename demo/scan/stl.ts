/** Corners of triangles as a binary STL. @param corners nine numbers a triangle */
export function stlOf(corners: ArrayLike<number>): Uint8Array {
  const many = Math.floor(corners.length / 9);
  const bytes = new Uint8Array(84 + 50 * many);
  const view = new DataView(bytes.buffer);
  view.setUint32(80, many, true);
  for (let i = 0; i < 9 * many; i++) view.setFloat32(84 + 50 * Math.floor(i / 9) + 12 + 4 * (i % 9), corners[i], true);
  return bytes;
}
