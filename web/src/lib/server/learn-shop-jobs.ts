import { ENGINE_VERSION } from '@chiave/core/fit';
import { givenBy, lastsSay, learnChannel, targetsSay, waysSay, type Given, type OffsetId, type ShopAsk } from '@chiave/core/learn';
import type { FittingRow } from '../api/rows';
import { readVisits } from '../learn-visits';
import type { Stock } from './heavy/stock';

/** Reads some visits as a shop learns from them. */
export function readVisitsJob({ fittings }: { fittings: FittingRow[] }, { styles }: Stock) {
  const byId = new Map(styles.map((s) => [s.id, s]));
  return readVisits(fittings, (id) => byId.get(id), ENGINE_VERSION);
}
/** A fifth of the words, the newest, are foretold from the others before a target is moved. */
const OLDER = 0.8;
/** Learns one part of all lasts, fitters and targets. */
export function learnChannelJob({ channel, ...ask }: ShopAsk & { channel: OffsetId; given: Given }) {
  const { visits } = ask;
  const belief = learnChannel(channel, ask);
  const sorted = [...visits].sort((a, b) => (a.day < b.day ? -1 : 1));
  const cut = Math.floor(OLDER * sorted.length);
  const older = { belief: learnChannel(channel, { ...ask, visits: sorted.slice(0, cut) }), newest: sorted.slice(cut) };
  const targets = targetsSay(belief, older);
  return { lasts: lastsSay(belief, targets), ways: waysSay(belief), targets, given: givenBy(belief) };
}
