import { goto } from '$app/navigation';
import { send } from '../../send/save.svelte';

/** Opens a new fitting of a person and goes there. @returns what went wrong, in words; nothing when it did not */
export async function beginFitting(customerId: number): Promise<string> {
  const sent = await send<{ id: number }>(`/api/v1/customers/${customerId}/fittings`, 'POST');
  if (!sent.ok) return sent.detail;
  await goto(`/fittings/${sent.value.id}/ask`, { invalidateAll: true });
  return '';
}
