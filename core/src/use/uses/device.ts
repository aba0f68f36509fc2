import { INSIDE_MOST_MM } from '../../heel';
import { PASSES } from '../passing';
import { axis, flagged, ge, is, le, levels, light, must, no, note, strong, use } from '../rule';

/** With a brace or a prosthesis: shoe and device are one system. */
export const DEVICE = use('device', 'with a brace or prosthesis', {
  madeFor: ['extra-depth', 'walking'],
  willDo: ['sneaker', 'running', 'lace-boot', 'oxford'],
  questions: ['deviceDrop', 'tol', 'adjustable', 'dropFoot', 'deviceGirth', 'insert'],
  axes: [axis('length', 'Length with a drop foot', { clinic: 'as the clinic says: no longer than needed', runner: 'as runners do: a size over' })],
  over: ['brace', 'prosthesis'],
  says: [
    must('fore', 'leanFore', le(0, 1), 'leaning forward is like walking downhill: the knee buckles', { when: is('adjustable', 'no'), whom: 'orthotist' }),
    strong('back', 'leanBack', le(0, 2.5), `leaning back overstretches the knee; a tapered wedge helps, of ${INSIDE_MOST_MM} mm at most inside the shoe`),
    strong('opens', 'opens', levels(-1, -0.8, -0.3, 0.5, 1, 1, 0.5, 0.9), 'such a foot cannot point its way into a shoe'),
    must('slipon', 'opens', no('nothing'), 'a brace pulls a low slip-on off the heel', { when: flagged('brace'), whom: 'orthotist' }),
    light('far', 'openLen', ge(60, 110), 'a foot in a device needs an opening that goes far down', { mark: 'model' }),
    strong('passes', 'open', ge(PASSES.narrow, PASSES.easy), 'device and heel must pass the opening', { mark: 'model' }),
    strong('depth', 'depth', ge(-1, 5), 'insert and toes want height'),
    strong('room', 'room', le(3, 10), 'a broad, square box; stretch it for a single bump'),
    must('trip', 'sizeOver', le(0.6, 1), 'a long shoe trips a drop foot: half a size at most', { school: ['length', 'clinic'], when: is('dropFoot', 'yes'), whom: 'clinician' }),
    strong('sole', 'sole', levels(-1, -0.9, -0.8, 1, 0.6), 'rubber grips, and hard leather is slick'),
    strong('out', 'insole', ge(0, 4), 'an insole that comes out leaves room for their own'),
    note('both', 'measure the other foot first; perhaps a split pair'),
    note('return', 'walk in them with the therapist before the return day', { whom: 'orthotist' })
  ]
}); // prettier-ignore
