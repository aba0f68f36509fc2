import { axis, ge, inside, is, le, light, must, no, note, strong, use } from '../rule';

export const STANDING = use('standing', 'standing all day', {
  madeFor: ['walking', 'extra-depth'],
  willDo: ['sneaker', 'oxford', 'lace-boot', 'elastic-boot', 'running'],
  questions: ['hours', 'floor', 'wet'],
  axes: [axis('firm', 'Under the heel', { soft: 'soft', firm: 'firm' })],
  load: { times: 0.3, mm2: 2500 },
  says: [
    strong('drop', 'drop', le(25, 50), 'on a low heel the whole foot carries', { mark: 'published' }),
    must('slick', 'sole', no('leather', 'suede', 'smooth'), 'leather, suede and smooth soles are too slick where it is wet', { when: is('wet', 'yes'), mark: 'model' }),
    strong('slip', 'wetmu', ge(0.2, 0.36), 'on wet or greasy floors grip comes first', { when: is('wet', 'yes'), mark: 'model' }),
    strong('soft', 'rear', inside(1, 1.4, 2.8, 4.2), 'the heel wants cushion', { school: ['firm', 'soft'] }),
    strong('firm', 'rear', inside(1.8, 2.8, 4, 5), 'what is soft in the morning is flat by evening', { school: ['firm', 'firm'] }),
    light('ball', 'fore', inside(1, 1.5, 3, 4.2), 'a hard floor wants cushion under the ball', { when: is('floor', 'tile', 'street') }),
    strong('set', 'adjust', ge(0, 3), 'feet swell by evening, and the closure follows', { mark: 'model' }),
    strong('room', 'room', le(4, 13), 'toes spread over a long day'),
    note('two', 'two pairs in turn: each has a day to dry and recover')
  ]
}); // prettier-ignore
