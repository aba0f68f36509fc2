import { invalidateAll } from '$app/navigation';
import { send, type SaveError } from '../../send/save.svelte';

/** What somebody does with their own account. Each of it asks for the password as it is, once more. */
export class OwnAccount {
  now = $state('');
  message = $state('');
  done = $state('');
  errors = $state<SaveError[]>([]);
  busy = $state(false);

  wrong(path: string): string | undefined {
    return this.errors.find((e) => e.path === path)?.message;
  }
  /** Sends something with the password as it is. @returns the answer; null where it was refused */
  async ask<T>(url: string, method: 'POST' | 'PUT' | 'DELETE', body: object, done: string): Promise<T | null> {
    this.busy = true;
    const sent = await send<T>(url, method, { ...body, now: this.now });
    this.busy = false;
    this.message = sent.ok ? '' : sent.detail;
    this.errors = sent.ok ? [] : sent.errors;
    this.done = sent.ok ? done : '';
    if (!sent.ok) return null;
    await invalidateAll();
    return sent.value;
  }
}
