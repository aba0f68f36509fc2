import { zone } from './zone';

/** How far the heel lifts in walking: from the sole's stiffness, room at heel and instep, and what the slide leaves behind it. */
export const heelSlip = zone({
  id: 'heel-slip',
  name: 'heel slip',
  part: 'heel',
  place: { along: 0.01, across: 0 },
  cuts: 'by-kind',
  scale: 'amount',
  straight: false,
  helpsAddUp: false,
  wears: true,
  tooLittle: '',
  tooMuch: 'lift and blisters',
  sum: (x) => ({
    head:
      x.slideMm > 0.05
        ? { code: 'lift-by-slide', gapMm: Math.max(0, x.slideMm - x.shorteningMm), stiffness: x.soleStiffness }
        : { code: 'lift', stiffness: x.soleStiffness, gripped: x.aids.heelGripMm > 0 },
    less: []
  })
});
