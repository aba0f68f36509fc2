import { axis, ge, inside, is, le, levels, light, note, strong, use } from '../rule';

export const SLIPPER = use('slipper', 'ballet slippers', {
  madeFor: ['ballet-slipper'],
  questions: ['floor', 'sweats', 'showArch'],
  axes: [
    axis('grip', 'Leather or canvas', { floor: 'goes by the floor', taste: 'goes by taste' }),
    axis('sole', 'Full sole or split', { trains: 'a full sole trains', shows: 'a split sole shows' })
  ],
  says: [
    strong('floor', 'dragMu', inside(0.28, 0.36, 0.52, 0.63), 'leather for wood and canvas for vinyl, or it slips or sticks', { school: ['grip', 'floor'] }),
    note('taste', 'either works: the dancer chooses', { school: ['grip', 'taste'] }),
    light('sweat', 'breath', ge(2.5, 4), 'a foot that sweats wants cloth that breathes', { when: is('sweats', 'yes') }),
    strong('bend', 'bend', le(1, 2.5), 'the foot does the work'),
    light('trains', 'split', levels(1, -0.6), 'a full sole is said to train the foot', { school: ['sole', 'trains'] }),
    light('shows', 'split', levels(-0.7, 1), 'two pads show the arch', { school: ['sole', 'shows'], when: is('showArch', 'yes') }),
    light('sewn', 'sewn', levels(0.5, -0.2, -0.5), 'pin the elastics at the arch and sew them under the drawstring')
  ]
}); // prettier-ignore
