import { completeFoot, isExtraId, SIDES, type ExtraId, type Foot, type Side } from '@chiave/core/measure';
import { fittingIn, type FittingAnswer } from '../../api/rows';
import { footInputOf } from '../../fit-feet';
import { send } from '../../send/save.svelte';

/** What else was taken of a foot, mm, degrees or times. */
export type Extras = Partial<Record<ExtraId, number>>;

/** A person's feet as each was measured last, with what else was taken of them then. @returns the feet, or what went wrong in words */
export async function lastFeetOf(
  personId: number
): Promise<{ feet: Partial<Record<Side, Foot>>; extras: Partial<Record<Side, Extras>> } | { message: string }> {
  const sent = await send<{ fittings: FittingAnswer[] }>(`/api/v1/customers/${personId}/fittings`, 'GET');
  if (!sent.ok) return { message: sent.detail };
  const fittings = sent.value.fittings.map(fittingIn);
  const lastOf = (side: Side) => fittings.find((f) => f.feet[side].values.lengthMm);
  return {
    extras: Object.fromEntries(
      SIDES.flatMap((side) => {
        const values = lastOf(side)?.feet[side].values;
        return values ? [[side, Object.fromEntries(Object.entries(values).flatMap(([id, v]) => (isExtraId(id) && v ? [[id, v.mm]] : [])))]] : [];
      })
    ),
    feet: Object.fromEntries(
      SIDES.flatMap((side) => {
        const fitting = lastOf(side);
        const input = fitting && footInputOf(side, fitting.feet[side], fitting);
        return input ? [[side, completeFoot(input)]] : [];
      })
    )
  };
}
