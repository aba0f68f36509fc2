import type { DueAnswerId } from '@chiave/core/keep';
import { invalidateAll } from '$app/navigation';
import type { DueRow } from '../../api/keep-schema';
import { send, type SaveError } from '../../send/save.svelte';

/** Acts of a page: each is sent, what the server says against it stays to be read, and the page is read anew. */
export class Acts {
  message = $state('');
  errors = $state.raw<readonly SaveError[]>([]);
  busy = $state(false);

  /** @returns what was answered; null where it was refused */
  async act<T>(path: string, method: 'POST' | 'PUT' | 'DELETE', body?: unknown): Promise<T | null> {
    this.busy = true;
    const sent = await send<T>(`/api/v1${path}`, method, body);
    this.busy = false;
    this.message = sent.ok ? '' : sent.detail;
    this.errors = sent.ok ? [] : (sent.errors ?? []);
    if (!sent.ok) return null;
    await invalidateAll();
    return sent.value;
  }
  /** Answers what is due. @param days put off by so many */
  answer = ({ person, rule, subject, anchor }: DueRow, answer: DueAnswerId, days?: number): Promise<unknown> =>
    this.act('/due', 'POST', { customerId: person.id, rule, subject, anchor, answer, ...(days === undefined ? {} : { days }) });
}
