import type { ShopTargets, Style } from '@chiave/core/fit';
import type { Last } from '@chiave/core/last';
import type { z } from 'zod';
import type { fitSchema } from '../../api/fit-schema';
import type { MakerBody } from '../../api/stock-schema';
import { compareLasts, compareSize, matrixOf } from '../compare-api';
import { checkOne, rankForApi } from '../fit-api';
import { sayOfTry } from '../say-of-try';
import { planStock } from '../shop/stock-plan';

/** The stockroom as a worker has it. */
export interface Stock {
  makers: readonly MakerBody[];
  lasts: readonly Last[];
  styles: readonly Style[];
}

/**
 * What the server computes beside its other requests, each from what is asked and the stockroom. `long` ones may take
 * seconds and wait for each other, so that they never keep a short one waiting.
 */
export const JOBS = {
  checkOne: { long: false, run: checkOne },
  rank: {
    long: false,
    run: ({ body, targets }: { body: z.infer<typeof fitSchema>; targets: ShopTargets | null }, { styles }: Stock) => rankForApi(body, styles, targets)
  },
  sayOfTry: { long: false, run: sayOfTry },
  compareLasts: { long: false, run: compareLasts },
  compareSize: { long: true, run: compareSize },
  matrix: { long: true, run: matrixOf },
  planStock: { long: true, run: planStock }
} as const;

export type JobName = keyof typeof JOBS;
export type Asked<N extends JobName> = Parameters<(typeof JOBS)[N]['run']>[0];
export type Answered<N extends JobName> = ReturnType<(typeof JOBS)[N]['run']>;

/** How a stockroom travels: its bytes are shared, not copied, and read once by each thread. */
export interface SharedStock {
  stamp: string;
  bytes: SharedArrayBuffer;
}
export interface JobRequest {
  name: JobName;
  asked: unknown;
  stock: SharedStock;
}
export type JobOutcome =
  { value: unknown } | { problem: { status: number; title: string; detail: string; errors: readonly { path: string; message: string }[] } };
