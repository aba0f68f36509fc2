import { alikeFirst, HEEL_SHAPE, heelsApart, type HeelMade, type HeelReport, type SideDrawing } from '@chiave/core/heel';
import { formatLength, type Foot, type LengthUnit, type Side } from '@chiave/core/measure';
import type { z } from 'zod';
import type { heelAlikeAnswer } from '../../api/heel-schema';
import { heelIn, heelOut } from '../../api/heel-wire';
import { send } from '../../send/save.svelte';
import { FootHere } from './foot-here.svelte';
import type { HeelBench } from './heel-bench.svelte';

/** At most so many heels stand side by side. */
export const MOST_BESIDE = 4;

/** A foot that the heels are told of. */
export interface FootSeen {
  key: string;
  who: string;
  side: Side;
  foot: Foot;
  reachDeg: number | null;
}
/** One heel beside the others, with what it comes to on every foot. */
export interface HeelBeside {
  id: number;
  name: string;
  made: HeelMade;
  drawing: SideDrawing;
  /** Steps from the one looked at; 0 for itself. */
  apart: number;
  on: { foot: FootSeen; report: HeelReport }[];
}

/** Two to four heels side by side, the most alike first, on both feet of one wearer and of another. */
export class Beside {
  /** Heels put beside the one that is looked at. */
  kept = $state.raw<{ id: number; made: HeelMade }[]>([]);
  /** Whose feet besides. */
  readonly other = new FootHere();
  readonly #bench: HeelBench;
  #next = 1;

  constructor(bench: HeelBench) {
    this.#bench = bench;
  }

  readonly feet = $derived.by((): FootSeen[] => {
    const seen = (here: FootHere, who: string, reachDeg: (side: Side) => number | null): FootSeen[] =>
      (here.sides.length > 0 ? here.sides : [here.side]).map((side) => ({
        key: `${who} ${side}`,
        who,
        side,
        foot: here.pair.find((f) => f.side === side)!,
        reachDeg: reachDeg(side)
      }));
    const own = seen(this.#bench, this.#bench.person?.name ?? '', (side) => this.#bench.reachOf(side));
    return this.other.person ? [...own, ...seen(this.other, this.other.person.name, (side) => this.other.reachOf(side))] : own;
  });
  readonly full = $derived.by(() => this.kept.length + 1 >= MOST_BESIDE);

  /** The one looked at, then the others as they are like it. */
  heels(unit: LengthUnit): HeelBeside[] {
    const now = this.#bench.stood;
    const lengthMm = this.#bench.poseFoot.lengthMm;
    const kept = alikeFirst(now.made, this.kept, lengthMm);
    return [{ id: 0, made: now.made, drawing: now.drawing }, ...kept.map((k) => ({ ...k, drawing: this.#bench.drawingOf(k.made) }))].map((h) => ({
      ...h,
      name: heelName(h.made, unit),
      apart: heelsApart(now.made, h.made, lengthMm),
      on: this.feet.map((foot) => ({ foot, report: this.#bench.standOf(h.made, foot.foot, foot.reachDeg) }))
    }));
  }
  /** @param made another heel than the one looked at */
  put(made: HeelMade = this.#bench.stood.made): void {
    if (!this.full) this.kept = [...this.kept, { id: this.#next++, made }];
  }
  /** Heels of the stockroom that feel most like the one looked at; none until they are asked for. */
  found = $state.raw<{ styleId: string; name: string; maker: string; made: HeelMade; apart: number }[] | null>(null);
  message = $state('');
  async find(): Promise<void> {
    const { made } = this.#bench.stood;
    const body = { shoe: heelOut(made), lengthMm: this.#bench.poseFoot.lengthMm };
    const sent = await send<z.infer<typeof heelAlikeAnswer>>('/api/v1/heel/alike', 'POST', body);
    this.message = sent.ok ? '' : (sent.errors[0]?.message ?? sent.detail);
    if (sent.ok) this.found = sent.value.heels.map(({ shoe, ...heel }) => ({ ...heel, made: heelIn(shoe) }));
  }
  take(id: number): void {
    this.kept = this.kept.filter((k) => k.id !== id);
  }
}

/** A heel in a few words: shape, height, platform. */
export const heelName = ({ heelHeightMm, platformMm, heel }: HeelMade, unit: LengthUnit): string =>
  `${HEEL_SHAPE[heel].name} ${formatLength(heelHeightMm, unit)}${platformMm > 0 ? ` on ${formatLength(platformMm, unit)}` : ''}`;
