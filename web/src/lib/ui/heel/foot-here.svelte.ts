import { poseFootOf } from '@chiave/core/fit';
import type { PoseFoot, ReachSchool } from '@chiave/core/heel';
import { completeFoot, SIDES, type Foot, type FootToeShape, type Side } from '@chiave/core/measure';
import { lastFeetOf } from '../kit/feet-of-person';

/** A foot on a bench until another is put there, mm; what its wearer weighs, kg. */
const FREE = { lengthMm: 240, weightKg: 60 } as const;

/** The foot that stands on a bench: a person's as it was measured last, or one of a length. */
export class FootHere {
  person = $state.raw<{ id: number; name: string } | null>(null);
  feet = $state.raw<Partial<Record<Side, Foot>>>({});
  side = $state<Side>('left');
  message = $state('');
  lengthMm = $state<number>(FREE.lengthMm);
  typedReach = $state<number | null>(null);
  school = $state<ReachSchool>('middle');
  weightKg = $state<number>(FREE.weightKg);

  toeShape = $state<FootToeShape | null>(null);
  bunionMm = $state<number | null>(null);

  /** Both feet: those that were measured, else one of the length typed on either side. */
  readonly pair = $derived.by((): Foot[] => SIDES.map((side) => this.feet[side] ?? this.#typed(side)));
  readonly foot = $derived.by((): Foot => this.pair[SIDES.indexOf(this.side)]);
  readonly poseFoot = $derived.by((): PoseFoot => poseFootOf(this.foot));
  readonly measured = $derived.by(() => this.feet[this.side] !== undefined);
  readonly reachDeg = $derived.by(() => this.reachOf(this.side));
  readonly sides = $derived.by(() => SIDES.filter((side) => this.feet[side] !== undefined));

  /** What an ankle reaches: as typed for the foot looked at, else as measured; null where neither is. */
  reachOf(side: Side): number | null {
    return (side === this.side ? this.typedReach : null) ?? this.pair[SIDES.indexOf(side)].ankleReachDeg;
  }
  #typed(side: Side): Foot {
    return completeFoot({
      side,
      values: { lengthMm: { mm: this.lengthMm } },
      ...(this.toeShape === null ? {} : { toeShape: this.toeShape }),
      ...(this.bunionMm === null ? {} : { bunionMm: this.bunionMm })
    });
  }
  /** Puts a person's feet here, as they were measured last. */
  async open(who: { id: number; name: string } | null): Promise<void> {
    this.person = who;
    this.feet = {};
    this.message = '';
    this.typedReach = null;
    if (who === null) return;
    const found = await lastFeetOf(who.id);
    if (this.person !== who) return;
    if ('message' in found) {
      this.message = found.message;
      return;
    }
    this.feet = found.feet;
    if (!this.feet[this.side]) this.side = this.sides[0] ?? this.side;
    if (this.sides.length === 0) this.message = `No foot of ${who.name} has a length yet; a foot of ${this.lengthMm} mm stands here.`;
  }
}
