import { dayIn } from '@chiave/core/keep';
import type { ShopTargets } from '@chiave/core/fit';
import { MEASURE_GROUP_IDS } from '@chiave/core/measure';
import type { z } from 'zod';
import type { measureOrderSchema } from '../../api/shop-schema';
import { retentionSchema, USUAL_RETENTION_YEARS } from '../../api/consent';
import { handsSchema, type Hands } from '../../api/chair-schema';
import { targetsSchema } from '../../api/targets-schema';
import { tipStockSchema, USUAL_TIP_STOCK, type TipStock } from '../../api/tip-stock';
import type { stripsSchema } from '../../api/size-schema';
import { STRIPS } from '../../drawing/rule-strips';
import { bySchema, database, tables, textSet } from '../db';
import { onceAsked } from '../watch/asking';

const STRIPS_NAME = 'rule-strips';
const ORDER_NAME = 'measure-order';
const TARGETS_NAME = 'targets';
const TIPS_NAME = 'tip-stock';
const HANDS_NAME = 'hands';
const ZONE_NAME = 'time-zone';
const RETENTION_NAME = 'retention-years';

/** The strips along the rule as this shop keeps them; the usual ones when it has not chosen. */
export async function stripsOfShop(): Promise<string[]> {
  const row = await tables(database()).Setting.findByPk(STRIPS_NAME);
  const strips = row ? textSet(row.value) : [];
  return strips.length > 0 ? strips : [...STRIPS];
}

/** Keeps the shop's strips, in order. */
export async function keepStrips({ strips }: z.infer<typeof stripsSchema>): Promise<void> {
  await tables(database()).Setting.upsert({ name: STRIPS_NAME, value: strips });
}

/** The order in which this shop takes its measures, by groups; the hands' usual one when it has not chosen. */
export async function measureOrderOfShop(): Promise<string[]> {
  const row = await tables(database()).Setting.findByPk(ORDER_NAME);
  const order = row ? textSet(row.value, MEASURE_GROUP_IDS) : [];
  return order.length > 0 ? order : [...MEASURE_GROUP_IDS];
}

/** Keeps the order in which the shop takes its measures. */
export async function keepMeasureOrder({ order }: z.infer<typeof measureOrderSchema>): Promise<void> {
  await tables(database()).Setting.upsert({ name: ORDER_NAME, value: order });
}

/** Targets this shop has set for itself; null where it keeps to ours. */
export const targetsOfShop = (): Promise<ShopTargets | null> =>
  onceAsked(TARGETS_NAME, async () => {
    const row = await tables(database()).Setting.findByPk(TARGETS_NAME);
    return row ? bySchema(row.value, targetsSchema, null) : null;
  });

/** Keeps the shop's targets; an empty set goes back to ours. */
export async function keepTargets(targets: ShopTargets): Promise<void> {
  const t = tables(database());
  const empty = Object.values(targets.kinds).every((z) => Object.keys(z ?? {}).length === 0) && Object.keys(targets.shared).length === 0;
  if (empty) await t.Setting.destroy({ where: { name: TARGETS_NAME } });
  else await t.Setting.upsert({ name: TARGETS_NAME, value: targets });
}

/** Heel tips and caps this shop stocks; a usual drawer when it has not said. */
export async function tipStockOfShop(): Promise<TipStock> {
  const row = await tables(database()).Setting.findByPk(TIPS_NAME);
  return row ? bySchema(row.value, tipStockSchema, USUAL_TIP_STOCK) : USUAL_TIP_STOCK;
}

/** Keeps which heel tips and caps are stocked. */
export async function keepTipStock(stock: TipStock): Promise<void> {
  await tables(database()).Setting.upsert({ name: TIPS_NAME, value: stock });
}

/** Thumbs and fingers of this shop's fitters, by name. */
export async function handsOfShop(): Promise<Hands> {
  const row = await tables(database()).Setting.findByPk(HANDS_NAME);
  return row ? bySchema({ hands: row.value }, handsSchema, { hands: {} }).hands : {};
}
/** Keeps them. */
export async function keepHands(hands: Hands): Promise<void> {
  await tables(database()).Setting.upsert({ name: HANDS_NAME, value: hands });
}

/** The time zone whose calendar days the shop goes by; the machine's own until somebody says another. */
export const zoneOfShop = (): Promise<string> =>
  onceAsked(ZONE_NAME, async () => {
    const row = await tables(database()).Setting.findByPk(ZONE_NAME);
    return row && typeof row.value === 'string' ? row.value : Intl.DateTimeFormat().resolvedOptions().timeZone;
  });
/** Keeps it. */
export async function keepZone(zone: string): Promise<void> {
  await tables(database()).Setting.upsert({ name: ZONE_NAME, value: zone });
}
/** Today in the shop, as YYYY-MM-DD. */
export const shopToday = async (now = new Date()): Promise<string> => dayIn(now, await zoneOfShop());

/** Years after which somebody who did not come is proposed for erasing. */
export async function retentionOfShop(): Promise<number> {
  const row = await tables(database()).Setting.findByPk(RETENTION_NAME);
  return row ? bySchema({ years: row.value }, retentionSchema, { years: USUAL_RETENTION_YEARS }).years : USUAL_RETENTION_YEARS;
}
/** Keeps it. */
export async function keepRetention(years: number): Promise<void> {
  await tables(database()).Setting.upsert({ name: RETENTION_NAME, value: years });
}
