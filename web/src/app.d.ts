import type { MakerScaleRow } from '$lib/server/shop/maker-scales';

declare global {
  namespace App {
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
