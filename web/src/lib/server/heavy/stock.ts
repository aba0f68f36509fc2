import type { Style } from '@chiave/core/fit';
import type { Last } from '@chiave/core/last';
import type { MakerBody } from '../../api/stock-schema';

/** The stockroom as a worker has it. */
export interface Stock {
  makers: readonly MakerBody[];
  lasts: readonly Last[];
  styles: readonly Style[];
}
