import { CHAIR_STEP, type StepId } from './steps';

/** A step that takes its time: it goes on wherever the page is, since only its beginning is kept. */
export interface ChairTimer {
  step: StepId;
  /** When it began, or went on after a pause, as an ISO moment; null while it is paused. */
  since: string | null;
  /** Seconds that had passed before that. */
  before: number;
  minutes: number;
  /** True once what it rang for was asked. */
  answered: boolean;
}
export const beginTimer = (step: StepId, now: Date, minutes = CHAIR_STEP[step].minutes!.usual): ChairTimer => ({ step, since: now.toISOString(), before: 0, minutes, answered: false }); // prettier-ignore
/** Seconds that have passed, never less than nought: a clock may be set back. */
export const passed = ({ since, before }: ChairTimer, now: Date): number =>
  before + (since === null ? 0 : Math.max(0, (now.getTime() - Date.parse(since)) / 1000));
/** Seconds left; negative since it rang. */
export const left = (timer: ChairTimer, now: Date): number => timer.minutes * 60 - passed(timer, now);
export const rings = (timer: ChairTimer, now: Date): boolean => !timer.answered && left(timer, now) <= 0;
export const pauseTimer = (timer: ChairTimer, now: Date): ChairTimer => ({ ...timer, before: passed(timer, now), since: null });
export const resumeTimer = (timer: ChairTimer, now: Date): ChairTimer => ({ ...timer, since: now.toISOString() });
