import { numberOrText } from '../../api/values';
import type { PointeMakerBody } from '../../api/pointe-schema';
import { slugOf } from '../../slug';
import { send, type SaveError } from '../../send/save.svelte';

/** A maker with its own scales as it is typed: the first size by its inside length, as a stick tells it. */
export class MakerForm {
  /** Empty for a new one. */
  id = $state('');
  name = $state('');
  from = $state('');
  to = $state('');
  firstInside = $state('');
  step = $state('');
  halves = $state(true);
  marks = $state('');
  girthStep = $state('');
  widthStep = $state('');
  leadDays = $state('60');
  errors = $state.raw<readonly SaveError[]>([]);
  message = $state('');

  open(maker: PointeMakerBody | null): void {
    [this.errors, this.message] = [[], ''];
    if (!maker) {
      [this.id, this.name, this.from, this.to, this.firstInside, this.step, this.marks, this.girthStep, this.widthStep] = ['', '', '', '', '', '', '', '', ''];
      [this.halves, this.leadDays] = [true, '60'];
      return;
    }
    const { length, width } = maker.scale;
    [this.id, this.name, this.from, this.to] = [maker.id, maker.name, String(length.from), String(length.to)];
    [this.firstInside, this.step, this.halves] = [String(length.zeroMm + length.from * length.stepMm), String(length.stepMm), length.halves];
    [this.marks, this.girthStep, this.widthStep] = [width.marks.join(', '), String(width.girthStepMm), String(width.widthStepMm)];
    this.leadDays = String(maker.leadDays);
  }
  /** What is no figure goes as its text, so that the server names the field. */
  body(): unknown {
    const [from, step, first] = [numberOrText(this.from), numberOrText(this.step), numberOrText(this.firstInside)];
    const known = typeof from === 'number' && typeof step === 'number' && typeof first === 'number';
    return {
      id: this.id || slugOf(this.name).slice(0, LONGEST_ID),
      name: this.name,
      leadDays: numberOrText(this.leadDays),
      scale: {
        length: { zeroMm: known ? first - from * step : first, stepMm: step, halves: this.halves, from, to: numberOrText(this.to) },
        width: {
          marks: this.marks
            .split(',')
            .map((m) => m.trim())
            .filter(Boolean),
          girthStepMm: numberOrText(this.girthStep),
          widthStepMm: numberOrText(this.widthStep)
        }
      }
    };
  }
  /** @param taken ids of other makers @returns whether it was kept */
  async keep(taken: readonly string[]): Promise<boolean> {
    if (this.id === '' && taken.includes(slugOf(this.name))) {
      this.errors = [{ path: 'name', message: 'there is a maker of this name: change that one, or give this one another name' }];
      this.message = 'Not kept.';
      return false;
    }
    const sent = await send('/api/v1/pointe/makers', 'POST', this.body());
    [this.errors, this.message] = sent.ok ? [[], 'Kept.'] : [sent.errors, sent.detail];
    return sent.ok;
  }
  wrong = (path: string): string | undefined => this.errors.find((e) => e.path === path || e.path.startsWith(`${path}.`))?.message;
}
/** Ids of the pointe bench are at most so long. */
export const LONGEST_ID = 40;
