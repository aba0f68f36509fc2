import { axis, ge, is, le, levels, light, member, must, no, note, strong, use } from '../rule';

export const BOOTS = use('boots', 'boots in use', {
  madeFor: ['lace-boot', 'elastic-boot', 'western-boot', 'tall-boot'],
  questions: ['boot', 'stirrup'],
  axes: [axis('sole', 'The sole', { leather: 'leather', rubber: 'rubber' })],
  says: [
    must('through', 'heel', ge(12, 24), 'a heel stops the foot from going through the stirrup', { when: is('boot', 'riding'), whom: 'riding-teacher', mark: 'model' }),
    must('stirrup', 'stirrup', ge(9, 20), 'the foot must come free of the stirrup: about an inch to spare', { when: is('boot', 'riding'), whom: 'riding-teacher', mark: 'model' }),
    strong('lugs', 'tread', le(1.5, 3.5), 'deep treads hang in the stirrup', { when: is('boot', 'riding'), mark: 'model' }),
    strong('ride', 'sole', levels(1, 0.3, 0.6, -0.6, -0.8), 'leather slips free of the stirrup', { school: ['sole', 'leather'], when: is('boot', 'riding') }),
    strong('trad', 'sole', levels(1, 0, 0.2, 0.1, -0.6), 'leather lives long and is soled again', { school: ['sole', 'leather'], when: is('boot', 'dress', 'everyday') }),
    strong('trac', 'sole', levels(-0.3, -0.6, -0.3, 1, 0.3), 'rubber holds', { school: ['sole', 'rubber'], when: is('boot', 'dress', 'everyday') }),
    strong('ice', 'sole', no('leather', 'suede', 'smooth'), 'leather and smooth soles are slick on snow and in the wet', { when: is('boot', 'snow') }),
    strong('grip', 'wetmu', ge(0.22, 0.38), 'wet ground wants grip', { when: is('boot', 'snow', 'work'), mark: 'model' }),
    strong('dry', 'proof', levels(-0.9, 0, 1, 1), 'snow is to be kept out', { when: is('boot', 'snow'), mark: 'model' }),
    strong('hide', 'hide', ge(1.4, 2.1), 'thick hide wears', { when: is('boot', 'work') }),
    strong('guard', 'guard', levels(-0.8, 0.4, 1), 'a firm toe, marked where the job asks for it', { when: is('boot', 'work'), mark: 'model' }),
    strong('room', 'room', le(3, 12), 'a broad ball wants room in front; pointed and snip toes have least', { when: member('wide') }),
    light('thin', 'adjust', ge(0, 2.5), 'a boot that is pulled on cannot be tightened round a thin ankle', { when: member('thinAnkle') }),
    note('new', 'new boots that are pulled on lift a little at the heel; their length never gives')
  ]
}); // prettier-ignore
