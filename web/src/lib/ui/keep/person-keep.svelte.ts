import { invalidateAll } from '$app/navigation';
import type { LifeBody, PairBody, PairRow } from '../../api/keep-schema';
import { send } from '../../send/save.svelte';
import { Acts } from './acts.svelte';

/** What a person’s pairs page does: each act is sent, what the server says against it stays to be read, and the page is read anew. */
export class PersonKeep extends Acts {
  /** What was noted already: sent again when somebody says that it was twice. */
  twice = $state.raw<{ pairId: number; name: string; event: Partial<LifeBody>; words: string } | null>(null);
  /** What was noted last, so that it can be taken back. */
  last = $state.raw<{ lifeId: number; words: string } | null>(null);

  constructor(readonly personId: () => number) {
    super();
  }

  /** Notes something on a line. @returns whether it is kept */
  async note(pair: Pick<PairRow, 'id' | 'body'>, event: Partial<LifeBody>, words: string, again = false): Promise<boolean> {
    this.busy = true;
    const sent = await send<{ id: number }>(`/api/v1/pairs/${pair.id}/life`, 'POST', { ...event, again });
    this.busy = false;
    this.twice = null;
    if (sent.ok) {
      [this.message, this.errors, this.last] = ['', [], { lifeId: sent.value.id, words: `${pair.body.name}: ${words}` }];
      await invalidateAll();
      return true;
    }
    if (sent.errors?.some((e) => e.path === 'again')) this.twice = { pairId: pair.id, name: pair.body.name, event, words: sent.detail };
    else [this.message, this.errors] = [sent.detail, sent.errors ?? []];
    return false;
  }
  async noteAgain(): Promise<void> {
    const twice = this.twice;
    if (twice) await this.note({ id: twice.pairId, body: { name: twice.name } as PairBody }, twice.event, 'once more', true);
  }
  async takeBack(lifeId: number): Promise<void> {
    if (this.last?.lifeId === lifeId) this.last = null;
    await this.act(`/life/${lifeId}`, 'DELETE');
  }
  async keepPair(body: PairBody, seen: { id: number; version: number } | null): Promise<boolean> {
    const kept = seen ? await this.act(`/pairs/${seen.id}`, 'PUT', { ...body, version: seen.version }) : await this.act(`/customers/${this.personId()}/pairs`, 'POST', body); // prettier-ignore
    return kept !== null;
  }
  removePair = (id: number): Promise<unknown> => this.act(`/pairs/${id}`, 'DELETE');
  /** Rows that hang on the person: events, wishes, troubles, looks. */
  add = async (rows: 'appointments' | 'events' | 'wishes' | 'troubles' | 'looks', body: object): Promise<boolean> =>
    (await this.act(`/customers/${this.personId()}/${rows}`, 'POST', body)) !== null;
  change = async (rows: 'events' | 'wishes', id: number, body: object, version: number): Promise<boolean> =>
    (await this.act(`/${rows}/${id}`, 'PUT', { ...body, version })) !== null;
  remove = (rows: 'appointments' | 'events' | 'wishes' | 'troubles' | 'looks', id: number): Promise<unknown> => this.act(`/${rows}/${id}`, 'DELETE');
}
