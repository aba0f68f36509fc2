import type { Who } from '$lib/server/doors/who';
import type { Me } from '$lib/api/door-schema';
import type { MakerScaleRow } from '$lib/api/rows';

declare global {
  namespace App {
    interface Locals {
      /** Who asks; null for nobody. */
      who: Who | null;
    }
    interface PageData {
      makerScales: MakerScaleRow[];
      /** Who is signed in; null before. */
      me: Me | null;
    }
    interface Error {
      message: string;
      id?: string;
    }
  }
}
export {};
