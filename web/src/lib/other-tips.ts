import { HEEL_SHAPE, type HeelMade, type HeelShapeId } from '@chiave/core/heel';
import { formatFigure, type LengthUnit } from '@chiave/core/measure';

/** Width of a cap shown beside, mm. */
const CAP_MM = 25;
/** What a broad heel would do in its place. */
const BROAD = HEEL_SHAPE.block;

/** What a heel is compared with on a ground: itself, with a cap over its tip, a block in its place. */
export function otherTips(shape: HeelShapeId, capMm: number | undefined, unit: LengthUnit): { name: string; made: Partial<HeelMade> }[] {
  const own = HEEL_SHAPE[shape];
  return [
    { name: own.name, made: {} },
    ...(own.wedge || own.heelless || capMm !== undefined ? [] : [{ name: `with a cap of ${formatFigure(CAP_MM, unit)}`, made: { capMm: CAP_MM } }]),
    ...(own === BROAD ? [] : [{ name: BROAD.name, made: { heel: BROAD.id, tip: {}, setbackMm: undefined, halfWidthMm: undefined, capMm: undefined } }])
  ];
}
