import { readStyleSize, type PairPutIn, type ShopTargets } from '@chiave/core/fit';
import type { Chart } from '@chiave/core/size';
import type { z } from 'zod';
import type { fitSchema } from '../../api/fit-schema';
import { CARD_PAPERS, type CardPaperId, type PaperId } from '../../api/papers';
import type { SaidCard } from '../../api/said-schema';
import { compareLasts, compareSize, matrixOf } from '../compare-api';
import { checkOne, rankForApi } from '../fit-api';
import { fitCardPdf } from '../fit-pdf';
import { planFor } from '../heel-api';
import { learnForApi, sendForApi } from '../learn-api';
import { learnChannelJob, readVisitsJob } from '../learn-shop-jobs';
import { homeCardPdf } from '../home-card';
import { invalid, notFound } from '../problems';
import { sayOfTry } from '../say-of-try';
import type { FittingRow } from '../../api/rows';
import { planStock } from '../shop/stock-plan';
import { truthOf } from '../truth-job';
import { saidCardPdf } from '../said-pdf';
import { chartPdf, gaugePdf } from '../size-pdf';
import type { Stock } from './stock';

export interface FitCardAsked {
  fitting: FittingRow;
  styleId: string;
  size: string;
  width: string;
  paper: PaperId | CardPaperId;
  put: PairPutIn;
}

const isCard = (paper: PaperId | CardPaperId): paper is CardPaperId => Object.hasOwn(CARD_PAPERS, paper);

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
  planHeels: { long: true, run: planFor },
  learnFoot: { long: false, run: learnForApi },
  learnSend: { long: true, run: sendForApi },
  truthOf: { long: false, run: truthOf },
  readVisits: { long: true, run: readVisitsJob },
  learnChannel: { long: true, run: learnChannelJob },
  fitCard: {
    long: false,
    run: ({ fitting, styleId, size, width, paper, put }: FitCardAsked, { styles }: Stock) => {
      const style = styles.find((s) => s.id === styleId);
      if (!style) throw notFound(`style “${styleId}”`);
      const read = readStyleSize(style, size, width);
      if ('message' in read) throw invalid([{ path: read.field, message: read.message }]);
      return isCard(paper) ? homeCardPdf(fitting, style, read.size, read.width, paper, put) : fitCardPdf(fitting, style, read.size, read.width, paper, put);
    }
  },
  saidCard: { long: false, run: ({ card, paper }: { card: SaidCard; paper: PaperId }) => saidCardPdf(card, paper) },
  sizeChart: { long: false, run: ({ chart, paper, title }: { chart: Chart; paper: PaperId; title: string }) => chartPdf(chart, paper, title) },
  footGauge: { long: false, run: ({ paper }: { paper: PaperId }) => gaugePdf(paper) },
  matrix: { long: true, run: matrixOf },
  planStock: { long: true, run: planStock }
} as const;

export type JobName = keyof typeof JOBS;
export type Asked<N extends JobName> = Parameters<(typeof JOBS)[N]['run']>[0];
export type Answered<N extends JobName> = Awaited<ReturnType<(typeof JOBS)[N]['run']>>;

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
export type JobOutcome = { ms: number } & (
  { value: unknown } | { problem: { status: number; title: string; detail: string; errors: readonly { path: string; message: string }[] } }
);
