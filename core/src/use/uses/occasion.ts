import { atLeast, axis, ge, inside, is, le, levels, light, note, past, strong, use } from '../rule';

export const OCCASION = use('occasion', 'an occasion in heels', {
  madeFor: ['pump', 'sandal'],
  willDo: ['flat', 'heels-dance', 'tall-boot', 'oxford'],
  questions: ['ground', 'hours', 'danceHours', 'habit', 'formal', 'wish'],
  axes: [axis('heel', 'The heel', { look: 'is chosen for its look', steady: 'is chosen to stand' })],
  load: { times: 1.1, mm2: 3000 },
  says: [
    strong('soft', 'drop', le(63.5, 85), 'on soft ground 2.5 inches or lower', { when: past('ground', 'stone') }),
    strong('sink', 'sink', le(0.3, 1.1), 'a broad tip, a cap or a wedge stays up on soft ground', { when: past('ground', 'stone'), mark: 'model' }),
    strong('over', 'over', le(0, 25), 'these hours and this habit allow so much and no more', { mark: 'model' }),
    light('dance', 'shape', levels(0.8, 0.8, 1, 0.4, -0.6, -1), 'lower and blockier dances longer', { when: atLeast('danceHours', 1) }),
    light('look', 'shape', levels(-1, -1, -0.3, 0.4, 1, 0), 'a slim heel is dressiest at any height', { school: ['heel', 'look'], when: is('formal', 'formal') }),
    light('block', 'tipDeg', ge(4, 12), 'a block stands, and a long skirt hides it', { school: ['heel', 'steady'] }),
    strong('hold', 'hold', levels(-0.6, 0.7, 1, 0.3, 0.5, 0.5), 'a strap keeps the foot back while it dances', { when: atLeast('danceHours', 1) }),
    light('wish', 'gain', inside(-40, -15, 15, 40), 'so much height was wished for'),
    note('hem', 'one hem serves one height')
  ]
}); // prettier-ignore
