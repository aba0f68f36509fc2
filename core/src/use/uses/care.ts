import { flagged, from, ge, le, levels, must, strong, use } from '../rule';

/** Whoever wears it, whatever it is for. */
export const CARE = use('care', 'whoever wears it', {
  madeFor: [],
  over: 'everybody',
  says: [
    must('reach', 'reach', le(0.65, 1), 'an ankle should stand in comfort, not at the end of what it reaches', { mark: 'model' }),
    strong('low', 'drop', le(25, 50), 'low is safer here', { when: flagged('pregnant', 'balance', 'numb', 'diabetic', 'painful'), whom: 'clinician', mark: 'published' }),
    strong('broad', 'tipDeg', ge(5, 14), 'broad is safer here', { when: flagged('pregnant', 'balance', 'hypermobile'), mark: 'model' }),
    strong('loose', 'hold', levels(-1, -0.3, 0.2, 0.1, 0.7, 1), 'loose joints want the ankle held', { when: [flagged('hypermobile'), from('heel', 40)], mark: 'model' }),
    strong('swell', 'adjust', ge(0, 3), 'feet that swell want a closure that follows', { when: flagged('pregnant', 'swollen'), mark: 'model' })
  ]
}); // prettier-ignore
