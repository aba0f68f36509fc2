import type { Role } from '$lib/server/endpoint';
import type { MakerScaleRow } from '$lib/api/rows';

declare global {
  namespace App {
    interface Locals {
      /** Who asks, once the passcode is known; null before. */
      role: Role | null;
    }
    interface PageData {
      makerScales: MakerScaleRow[];
    }
    interface Error {
      message: string;
      id?: string;
    }
  }
}
export {};
