import { completeFoot, SIDES, type Foot, type Side } from '@chiave/core/measure';
import { fittingIn, type FittingAnswer } from '../../api/rows';
import { footInputOf } from '../../fit-feet';
import { send } from '../../send/save.svelte';

/** A person's feet as each was measured last. @returns the feet, or what went wrong in words */
export async function lastFeetOf(personId: number): Promise<{ feet: Partial<Record<Side, Foot>> } | { message: string }> {
  const sent = await send<{ fittings: FittingAnswer[] }>(`/api/v1/customers/${personId}/fittings`, 'GET');
  if (!sent.ok) return { message: sent.detail };
  const fittings = sent.value.fittings.map(fittingIn);
  return {
    feet: Object.fromEntries(
      SIDES.flatMap((side) => {
        const fitting = fittings.find((f) => f.feet[side].values.lengthMm);
        const input = fitting && footInputOf(side, fitting.feet[side], fitting.population);
        return input ? [[side, completeFoot(input)]] : [];
      })
    )
  };
}
