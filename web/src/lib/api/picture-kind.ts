/** How the files of each kind of picture begin, byte for byte; null where anything may stand. */
const BEGINNINGS = [
  { mime: 'image/jpeg', bytes: [0xff, 0xd8, 0xff] },
  { mime: 'image/png', bytes: [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a] },
  { mime: 'image/webp', bytes: [0x52, 0x49, 0x46, 0x46, null, null, null, null, 0x57, 0x45, 0x42, 0x50] }
] as const;

/** What a picture in base64 is by its first bytes, whatever it is called; null for anything else. */
export function pictureKind(base64: string): (typeof BEGINNINGS)[number]['mime'] | null {
  if (!/^[A-Za-z0-9+/]{16}/.test(base64)) return null;
  const first = Uint8Array.from(atob(base64.slice(0, 16)), (c) => c.charCodeAt(0));
  return BEGINNINGS.find(({ bytes }) => bytes.every((byte, i) => byte === null || byte === first[i]))?.mime ?? null;
}
