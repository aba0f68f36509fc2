import { levelOf } from '../../attributes';
import { axis, below, from, ge, inside, is, le, levels, light, member, must, no, note, strong, under, use } from '../rule';

/** Platforms on the pole and on the floor beside it. */
export const POLE = use('pole', 'pole work', {
  madeFor: ['pole-sandal', 'pole-boot'],
  questions: ['level', 'where', 'floor', 'pole', 'before', 'hot', 'bodyHeight'],
  axes: [
    axis('floor', 'For work on the floor', { boots: 'a boot', sandals: 'a sandal' }),
    axis('toes', 'Toes', { closed: 'closed', open: 'open' }),
    axis('slant', 'The front of the platform', { steep: 'steep, to roll', low: 'low, to turn' }),
    axis('grip', 'The upper', { climb: 'grips the pole', slide: 'slides on the floor' })
  ],
  says: [
    must('strap', 'hold', no('bare'), 'what no strap holds flies off upside down'),
    must('nine', 'heel', le(215, 228), 'nine inches are heavy: hips and knees are trained first', { when: below('level', 'able'), whom: 'teacher' }),
    strong('first', 'heel', inside(166, 175, 190, 203), 'seven inches stand well, and a lower pair is soon regretted', { when: [is('level', 'new'), under('hold', levelOf('hold', 'sock'))] }),
    strong('boot8', 'heel', inside(166, 175, 206, 225), 'a boot holds the ankle, so seven or eight inches may be the first', { when: [is('level', 'new'), from('hold', levelOf('hold', 'sock'))] }),
    strong('next', 'heel', inside(166, 178, 208, 232), 'eight inches come next, and seven stays a good height', { when: is('level', 'some', 'able') }),
    strong('strapOf', 'strapOf', levels(-1, -0.6, 0.4, 1), 'thick plastic keeps its length, elastic and thin faux leather do not', { when: under('hold', levelOf('hold', 'sock')) }),
    light('strapMm', 'strapMm', ge(12, 25), 'a broad strap holds and does not cut', { when: under('hold', levelOf('hold', 'sock')) }),
    strong('boots', 'hold', levels(-1, -1, -0.6, -0.2, 1, 1), 'work on the floor wants a boot', { school: ['floor', 'boots'], when: is('where', 'floor') }),
    strong('sandals', 'heel', inside(165, 175, 186, 206), 'seven inches do floor work too, in a sandal', { school: ['floor', 'sandals'], when: is('where', 'floor') }),
    strong('closed', 'toe', levels(0.6, 1, -0.2, -1), 'closed toes cover the nails on the floor and in landings', { school: ['toes', 'closed'], when: is('where', 'floor') }),
    strong('jam', 'toe', levels(-1, -0.6, 0.8, 1), 'a high arch slides forward, and closed toes jam', { school: ['toes', 'open'], when: member('highArch') }),
    light('steep', 'slant', ge(10, 20), 'a steep front rolls further', { school: ['slant', 'steep'], when: is('where', 'floor') }),
    light('low', 'heel', le(180, 206), 'a lower pair makes floor turns easier', { school: ['slant', 'low'], when: is('where', 'floor') }),
    light('shin', 'heel', le(180, 203), 'long shins turn harder on a tall pair', { school: ['slant', 'low'], when: member('longShin') }),
    strong('climb', 'poleMu', ge(0.25, 0.55), 'an upper that sticks to the pole climbs, and spares the instep', { school: ['grip', 'climb'], when: [is('where', 'pole'), below('level', 'able')], mark: 'model' }),
    strong('slide', 'dragMu', le(0.4, 0.65), 'work on the floor wants to slide', { school: ['grip', 'slide'], when: is('where', 'floor'), mark: 'model' }),
    strong('leg', 'legShare', le(13, 24), 'a heavy shoe hangs on hip and knee like an ankle weight', { when: below('level', 'able') }),
    light('square', 'cross', levels(-0.2, 1, 0.8), 'a tip that is square in front walks steadier off the pole', { when: is('before', 'none') }),
    light('heat', 'heat', le(0.3, 0.75), 'sandals are for summer', { when: is('hot', 'yes') }),
    note('five', 'some say to begin at 5 to 6 inches; both schools here reject it', { when: is('level', 'new') }),
    note('off', 'off the pole platforms turn ankles: walk in them first')
  ]
}); // prettier-ignore
