import { axis, below, inside, is, ge, le, levels, light, must, no, note, strong, use } from '../rule';

/** Classes danced in heels: strong turns, isolations, floor work, for some hours. */
export const HEELS_CLASS = use('heels-class', 'heels class', {
  madeFor: ['heels-dance'],
  willDo: ['character', 'sandal'],
  questions: ['level', 'turns', 'floor'],
  axes: [
    axis('start', 'The first pair', { ease: 'begins lower', once: 'is of full height at once' }),
    axis('support', 'Support', { covered: 'covers the ankle', straps: 'straps are enough' }),
    axis('heel', 'The heel', { light: 'is thin and light', steady: 'stands broad' }),
    axis('bottom', 'The front of the sole', { floor: 'lies on the floor', raised: 'may be raised' }),
    axis('sock', 'In the shoe', { sock: 'a sock, half a size up', bare: 'bare' })
  ],
  says: [
    must('top', 'drop', le(104, 106.6), 'past 4 inches the ankle loses control before the dancer has it', { when: below('level', 'pro'), whom: 'teacher' }),
    must('bare', 'hold', no('bare'), 'a shoe that nothing ties to the foot is for ankles that are trained', { when: below('level', 'pro'), whom: 'teacher' }),
    must('rubber', 'sole', no('rubber', 'foam'), 'rubber stops a turn and the knee takes it', { when: is('turns', 'many'), whom: 'teacher' }),
    strong('height', 'drop', inside(76, 89, 102, 107), 'the class moves at about three to four inches'),
    light('ease', 'drop', le(92, 102), 'most learn faster on a lower heel', { school: ['start', 'ease'], when: is('level', 'new') }),
    light('once', 'drop', inside(88, 97, 102, 107), 'the body adjusts once, at the height that will be danced', { school: ['start', 'once'], when: is('level', 'new') }),
    strong('covered', 'hold', levels(-1, -0.7, -0.3, 0.2, 0.7, 1), 'one strap holds no ankle, and a sock shaft slackens', { school: ['support', 'covered'], when: below('level', 'pro') }),
    strong('straps', 'hold', levels(-1, 0.4, 0.8, 0.3, 0.7, 1), 'good straps are support enough', { school: ['support', 'straps'], when: below('level', 'pro') }),
    strong('toe', 'toe', levels(-1, -0.3, 1, -0.5), 'half closed toes are held, and can point'),
    strong('bend', 'bend', le(2, 4), 'a stiff front hides the point and the roll through the ball'),
    light('light', 'shape', levels(-1, -0.8, -0.7, 0, 1, -1), 'a thin heel is light and quick', { school: ['heel', 'light'] }),
    light('steady', 'tipDeg', ge(3, 7), 'a broad tip stands steadier', { school: ['heel', 'steady'] }),
    strong('sole', 'sole', levels(0.5, 0.2, 1, -0.7, -0.7), 'a smooth sole spins, indoors and out'),
    strong('flat', 'plat', le(4, 12), 'with the ball on the floor the body balances', { school: ['bottom', 'floor'] }),
    note('sock', 'dance in a thin sock, half a size up, never down', { school: ['sock', 'sock'] }),
    note('ache', 'any heel hurts after some hours: that alone is no misfit'),
    note('own', 'begin in what you own, and buy when you have stayed', { when: is('level', 'new') })
  ]
}); // prettier-ignore
