/** The fit engine beside the page: ranks the stockroom style by style, opens one candidate. */
import { checkFit, drawFit, otherShoes, rankStock, shoeOf, shorterOrLonger, sizeGrid, splitPair } from '@chiave/core/fit';
import { wearOf, wornFeetOf } from '../fit-feet';
import type { Answer, Ask } from './messages';

const say = (answer: Answer): void => postMessage(answer);
/** Only the newest job of a kind is carried on; an older one stops at its next breath. */
const newest = { rank: 0, open: 0 };
/** How long the worker goes on before it listens, ms. */
const BREATH_MS = 12;
const breathe = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));

onmessage = async ({ data }: MessageEvent<Ask>) => {
  newest[data.kind === 'open' ? 'open' : 'rank'] = data.job;
  if (data.kind === 'stop') return;
  try {
    if (data.kind === 'rank') await rank(data);
    else await open(data);
  } catch (error) {
    say({ kind: 'failed', job: data.job, message: error instanceof Error ? error.message : String(error) });
  }
};

async function rank({ job, fitting, styles }: Extract<Ask, { kind: 'rank' }>): Promise<void> {
  const started = performance.now();
  let breathed = started;
  for (const step of rankStock(styles, wornFeetOf(fitting), wearOf(fitting))) {
    if (newest.rank !== job) return;
    say({ kind: 'progress', job, ...step });
    // A breath after every style would cost more than the style.
    if (performance.now() - breathed < BREATH_MS) continue;
    await breathe();
    breathed = performance.now();
  }
  say({ kind: 'ranked', job, tookMs: performance.now() - started });
}

async function open({ job, fitting, styles, styleId, size, width, flags }: Extract<Ask, { kind: 'open' }>): Promise<void> {
  const style = styles.find((s) => s.id === styleId);
  if (!style) throw new RangeError(`there is no style ${styleId}`);
  const feet = wornFeetOf(fitting);
  const wear = wearOf(fitting);
  const shoe = shoeOf(style, size, width);
  const drawings = feet.map((foot) => ({ side: foot.foot.side, drawing: drawFit(foot, shoe, wear) }));
  const fit = checkFit(feet, shoe, wear, flags);
  const grid = sizeGrid(style, size, feet, wear);
  say({ kind: 'opened', job, opened: { fit, drawings, grid, trade: shorterOrLonger(style, size, feet, wear), split: splitPair(style, feet, wear) } });
  await breathe();
  if (newest.open !== job) return;
  say({ kind: 'others', job, others: otherShoes(style, size, width, feet, wear, styles) });
}
