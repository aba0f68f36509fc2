import { ZONE, type Candidate } from '@chiave/core/fit';
import { formatSigned, type LengthUnit } from '@chiave/core/measure';

/** Which zone of which foot decides, and by how much. */
export const decided = (c: Candidate, unit: LengthUnit): string => {
  const zone = c.zones[c.decidedBy.side].find((z) => z.zone === c.decidedBy.zone);
  return `decided by the ${ZONE[c.decidedBy.zone].name} of the ${c.decidedBy.side} foot${zone ? ` (${formatSigned(zone.clearanceMm, unit)} ${unit})` : ''}`;
};
