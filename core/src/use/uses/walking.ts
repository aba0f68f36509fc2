import { axis, ge, inside, is, le, levels, light, member, note, strong, use } from '../rule';

export const WALKING = use('walking', 'walking', {
  madeFor: ['walking'],
  willDo: ['running', 'extra-depth', 'sneaker', 'lace-boot', 'elastic-boot', 'oxford'],
  questions: ['surface', 'wet'],
  axes: [
    axis('match', 'The shoe is matched', { arch: 'by the arch', feel: 'by feel' }),
    axis('firm', 'Under the heel', { soft: 'soft', firm: 'firm' })
  ],
  load: { times: 1.1, mm2: 3000 },
  says: [
    strong('cup', 'counter', ge(1.5, 3.5), 'a heel that is cupped rolls less'),
    strong('tread', 'tread', ge(0.3, 1.5), 'grooves keep it from slipping'),
    strong('soft', 'rear', inside(1, 1.5, 3, 4.3), 'a cushion that gives and comes back tires less', { school: ['firm', 'soft'] }),
    strong('firm', 'rear', inside(1.8, 3, 4, 5), 'firm carries longer', { school: ['firm', 'firm'] }),
    strong('low', 'stable', levels(-0.6, 0.3, 0.9, 1), 'a low arch wants its motion held', { school: ['match', 'arch'], when: member('lowArch') }),
    strong('high', 'rear', le(2.3, 4), 'a high arch wants cushion', { school: ['match', 'arch'], when: member('highArch') }),
    strong('set', 'adjust', ge(0, 3), 'feet swell through the day, and the closure follows'),
    strong('drop', 'drop', le(30, 50), 'heels for every day are 50 mm at most', { mark: 'published' }),
    strong('wet', 'wetmu', ge(0.22, 0.36), 'wet stone wants grip', { when: is('wet', 'yes'), mark: 'model' }),
    light('dry', 'proof', levels(-0.6, 0.3, 1, 0.8), 'rain is to be kept out', { when: is('wet', 'yes'), mark: 'model' }),
    note('late', 'try them at the end of the day, in the sock they are walked in')
  ]
}); // prettier-ignore
