import { TOE_FAMILIES, type ToeFamily } from '../../last';
import type { Side } from '../../measure';
import { completeShoe, type Shoe, type Wear, type WornFoot } from '../shoe';
import { KIND, type KindId } from '../tables';
import { levelOf, middleOf, ZONE, type FlexState, type ZoneId } from '../zones';
import { checkFit } from './check';
import { drawFit, type FitDrawing } from './drawing';

/** What a toe shape leaves the toes of one foot. */
export interface ToesIn {
  side: Side;
  /** Toe room that can be used, mm, and which toe would touch first. */
  usableRoomMm: number;
  firstToe: string;
  /** Usable length of the shoe to where this foot's toes would touch, mm. */
  usableLengthMm: number;
  zones: { zone: ZoneId; name: string; clearanceMm: number; state: FlexState }[];
  drawing: FitDrawing;
}
/** A toe shape on these feet, at the label that the longer is. */
export interface ToeShapeOn {
  family: ToeFamily;
  insoleLengthMm: number;
  /** From the heel, where its inner side begins to come in, mm. */
  taperStartMm: number;
  feet: ToesIn[];
  /** The worst of the toes' places on either foot: 0 to 1 right, to 2 within limits, beyond it not. */
  worst: number;
  suits: boolean;
}

/** Places that a toe shape changes. */
const TOE_ZONES: readonly ZoneId[] = ['toe-room', 'toe-box-width', 'toe-box-depth'];
/** Points of doubt: the chance is not told here. */
const POINTS = 16;

/**
 * Every toe shape on the same feet at one label: insoles differ by the tip that no toe fills, so the longer one is seldom the roomier.
 * @param kind what the shoe is otherwise
 * @returns best first: those in which the worst place is least off
 */
export function toeShapesOn(feet: readonly WornFoot[], kind: KindId, wear: Wear): ToeShapeOn[] {
  const label = Math.max(...feet.map((f) => f.dims.lengthMm));
  const room = middleOf(KIND[kind].cuts['toe-room']);
  return TOE_FAMILIES.map((family): ToeShapeOn => {
    const tip = KIND[kind].basis === 'usable' ? family.nominalTipMm : 0;
    const shoe: Shoe = completeShoe({ kind, insoleLengthMm: label + room + tip, toeShape: family.id, madeForFootMm: label });
    const fit = checkFit(feet, shoe, wear, [], POINTS);
    const on = fit.feet.map((foot, i): ToesIn => {
      const drawing = drawFit(feet[i], shoe, wear);
      return {
        side: foot.side,
        usableRoomMm: foot.usableRoomMm,
        firstToe: drawing.toes[drawing.firstToe].name,
        usableLengthMm: foot.usableLengthMm,
        zones: foot.zones
          .filter((z) => TOE_ZONES.includes(z.zone))
          .map(({ zone, clearanceMm, state }) => ({ zone, name: ZONE[zone].name, clearanceMm, state })),
        drawing
      };
    });
    const levels = fit.feet.flatMap((foot) => foot.zones.filter((z) => TOE_ZONES.includes(z.zone)).map((z) => Math.abs(levelOf(z.clearanceMm, z.target))));
    const worst = Math.max(...levels);
    return { family, insoleLengthMm: shoe.inside.insoleLengthMm, taperStartMm: label * (1 - family.innerTaper), feet: on, worst, suits: worst <= 1 };
  }).sort((a, b) => a.worst - b.worst);
}
