import { cuts } from './cuts';
import { less } from './sum';
import { zoneOfSome } from './zone';

/** How far the topline stays under the outer ankle bone: of shoes that end below it. Comfort only, since a side cut is told in three steps. */
export const ankleBone = zoneOfSome({
  id: 'ankle-bone',
  name: 'under the ankle bone',
  part: 'heel',
  place: { along: 0.23, across: -1 },
  kinds: ({ shaftMm, teacherLeads }) => shaftMm === 0 && !teacherLeads,
  decides: false,
  cuts: cuts(-1, 2, 24, 32),
  helpsAddUp: false,
  felt: false,
  formula: (dims, inside, allowances) => dims.ankleBoneMm + allowances.liftMm - inside.toplineHeightMm,
  tooLittle: 'rubs the ankle bone',
  tooMuch: 'low sides hold less',
  sum: ({ inside, dims, insertMm }) => ({
    head: { code: 'under-bone', boneMm: dims.ankleBoneMm, toplineMm: inside.toplineHeightMm },
    less: [less('insert', -insertMm)]
  })
});
