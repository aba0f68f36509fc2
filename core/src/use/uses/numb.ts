import { ge, is, le, levels, must, note, strong, use } from '../rule';

/** Diabetic or numb feet: what is not felt must be looked at. */
export const NUMB = use('numb', 'diabetic or numb feet', {
  madeFor: ['extra-depth', 'walking'],
  willDo: ['sneaker', 'running', 'oxford', 'lace-boot'],
  questions: ['open', 'insert'],
  over: ['diabetic', 'numb'],
  says: [
    must('toes', 'toe', levels(-0.5, 1, -1, -1), 'toes that feel nothing are covered', { whom: 'clinician' }),
    strong('seam', 'seam', levels(1, 0.3, -1), 'no ridge where nothing is felt', { mark: 'model' }),
    strong('depth', 'depth', ge(0, 5), 'all toes want height', { mark: 'published' }),
    strong('soft', 'soft', ge(-0.3, 0.3), 'over the joints the upper wants to give', { mark: 'model' }),
    strong('set', 'adjust', ge(0, 3), 'feet swell, and a wide opening follows', { mark: 'model' }),
    strong('sole', 'sole', levels(-0.8, -0.8, -0.8, 1, 0.4), 'rubber grips and shields', { mark: 'model' }),
    strong('out', 'insole', ge(0, 4), 'an insole that comes out leaves room for the clinic’s own', { mark: 'published' }),
    strong('room', 'room', le(4, 11), 'the box wants to be as wide as the joints', { mark: 'published' }),
    note('feel', 'judge it standing, at the end of the day, and put a hand inside before each wear', { whom: 'clinician', mark: 'published' }),
    note('wound', 'an open place: the clinic first, then shoes', { when: is('open', 'yes'), whom: 'clinician', mark: 'published' })
  ]
}); // prettier-ignore
