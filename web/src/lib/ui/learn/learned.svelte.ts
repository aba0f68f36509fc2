import type { LearnedAnswerId, LearningState, SubjectId } from '../../api/learned-schema';
import { send } from '../../send/save.svelte';

const EVERY_MS = 700;
/** So many times the people, before what was refused is asked again [model]. */
const ASK_AGAIN = 2;
const URL = '/api/v1/learn/shop';
/** What a shop's try-ons teach, and a new reckoning while it runs. */
export class Learned {
  now = $state.raw() as LearningState;
  message = $state('');
  #timer: ReturnType<typeof setTimeout> | undefined;
  constructor(now: LearningState) {
    this.now = now;
  }
  /** Looks again while something runs. @returns what ends it */
  watch = (): (() => void) => {
    const look = async (): Promise<void> => {
      if (this.now.state !== 'running') return;
      await this.#read();
      this.#timer = setTimeout(() => void look(), EVERY_MS);
    };
    void look();
    return () => clearTimeout(this.#timer);
  };
  async #read(): Promise<void> {
    const sent = await send<LearningState>(URL, 'GET');
    if (sent.ok) this.now = sent.value;
    else this.message = sent.detail;
  }
  async begin(): Promise<void> {
    this.message = '';
    const sent = await send(URL, 'POST');
    if (!sent.ok) this.message = sent.detail;
    await this.#read();
    this.watch();
  }
  async stop(): Promise<void> {
    await send(URL, 'DELETE');
    await this.#read();
  }
  async answer(subject: SubjectId, id: string, channel: string, answer: LearnedAnswerId): Promise<void> {
    const sent = await send<Pick<LearningState, 'answers'>>('/api/v1/learn/answers', 'POST', { subject, id, channel, answer });
    this.message = sent.ok ? '' : sent.detail;
    if (sent.ok) this.now = { ...this.now, answers: sent.value.answers };
  }
  /** What was answered and still holds: what was refused is asked again once twice as many people have spoken. */
  answerTo = (subject: SubjectId, id: string, channel: string, people: number) =>
    this.now.answers.find(
      (a) =>
        a.subject === subject && a.id === id && a.channel === channel && a.answer !== 'withdrawn' && !(a.answer === 'refused' && people >= ASK_AGAIN * a.people)
    );
}
