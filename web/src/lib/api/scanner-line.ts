import { SIDES } from '@chiave/core/measure';
import { z } from 'zod';

/** What a scanner says in a line of its own. See docs/scanner.md. */
export const scannerLineSchema = z.union([
  z.object({ scanner: z.literal('chiave-scanner'), version: z.literal(1) }),
  z.object({ scanning: z.enum(SIDES), done: z.number().min(0).max(1) }),
  z.object({
    scan: z.string().regex(/^[\w-]{1,40}$/),
    side: z.enum(SIDES),
    name: z.string().min(1).max(120),
    bytes: z.number().int().min(1).max(150_000_000),
    sha256: z.string().regex(/^[0-9a-f]{64}$/),
    from: z.number().int().min(0)
  }),
  z.object({ fault: z.string().max(200) })
]);
export type ScannerLine = z.infer<typeof scannerLineSchema>;

/** What the page hears, line by line: how far the scan is, its file piece by piece as base64, and when the scanner is lost for a while. */
export type ScanEvent =
  | { kind: 'here' }
  | { kind: 'scanning'; done: number }
  | { kind: 'begins'; scan: string; side: 'left' | 'right'; name: string; bytes: number }
  | { kind: 'piece'; at: number; base64: string }
  | { kind: 'lost'; why: string }
  | { kind: 'failed'; why: string }
  | { kind: 'whole' };
