import { axis, ge, inside, is, le, levels, light, must, no, past, strong, use } from '../rule';

export const CHARACTER = use('character', 'character, ballroom and Latin', {
  madeFor: ['character'],
  willDo: ['heels-dance'],
  questions: ['dance', 'level', 'floor'],
  axes: [axis('sole', 'The sole', { suede: 'suede', leather: 'leather' })],
  says: [
    strong('strap', 'hold', levels(-1, 0.8, 1, 0, 0.2, 0.4), 'a strap keeps on a shoe that turns'),
    must('rubber', 'sole', no('rubber', 'foam'), 'rubber stops a turn and the knee takes it', { whom: 'teacher' }),
    strong('new', 'drop', inside(25, 35, 50, 65), 'a lower heel first', { when: is('level', 'new'), mark: 'model' }),
    strong('stage', 'drop', inside(30, 38, 65, 78), '1.5 to 2.5 inches are usual on stage and in ballroom', { when: is('dance', 'character', 'ballroom'), mark: 'model' }),
    strong('latin', 'drop', inside(40, 60, 80, 95), 'Latin brings the weight over the ball', { when: [is('dance', 'latin'), past('level', 'new')], mark: 'model' }),
    light('suede', 'sole', levels(0.2, 1, -0.2, -1, -1), 'suede holds and still turns', { school: ['sole', 'suede'] }),
    light('leather', 'sole', levels(1, 0.3, 0.2, -1, -1), 'leather slides evenly', { school: ['sole', 'leather'] }),
    strong('turn', 'turnMu', inside(0.24, 0.32, 0.5, 0.63), 'turning wants neither slipping nor sticking', { mark: 'model' }),
    strong('bend', 'bend', le(2.5, 4.5), 'the foot rises through the ball', { mark: 'model' }),
    light('steady', 'tipDeg', ge(3, 9), 'a broad heel takes jumps and stamps', { mark: 'model' })
  ]
}); // prettier-ignore
