import { cuts } from './cuts';
import { less } from './sum';
import { zone } from './zone';

/** Room before the toes, on the basis the kind goes by: inside (insole less foot) or usable (until the first toe meets the silhouette). */
export const toeRoom = zone({
  id: 'toe-room',
  name: 'toe room',
  part: 'toes',
  place: 'first-toe',
  cuts: 'by-kind',
  // Growth room 12 mm, least 9: three-width children's system, from memory.
  childCuts: cuts(9, 12, 17, 22),
  preferenceShare: 1,
  shiftedBySchools: true,
  onBasis: true,
  straight: false,
  helpsAddUp: false,
  wears: true,
  tellsTightness: true,
  tooLittle: 'black or lost nails, numbness, an ingrown nail',
  tooMuch: 'trips, the foot bangs forward',
  sum: (x) => {
    const { inside, dims, aids } = x;
    const footMm = x.read('lengthMm');
    const usable = x.basis === 'usable';
    const tipMm = inside.insoleLengthMm - dims.lengthMm - x.usableRoomMm - 2 * x.sockMm - aids.heelGripMm - aids.toeFillerMm;
    return {
      head: { code: 'difference', shoeMm: inside.insoleLengthMm, footMm },
      less: [
        ...(usable ? [less('toe-tip', tipMm)] : []),
        less('sock', 2 * x.sockMm),
        less('foot-state', dims.lengthMm - footMm),
        less('heel-grip', aids.heelGripMm),
        less('toe-filler', aids.toeFillerMm),
        less('slide', x.slideMm - x.shorteningMm)
      ],
      ...(usable ? { firstToe: x.firstToe } : {})
    };
  }
});
