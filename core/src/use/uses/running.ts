import { axis, ge, inside, is, le, levels, light, member, note, strong, use } from '../rule';

export const RUNNING = use('running', 'running', {
  madeFor: ['running'],
  questions: ['workout', 'surface', 'kmWeek', 'wornDrop', 'pairs', 'kmToRace'],
  axes: [axis('match', 'The shoe is matched', { arch: 'by the arch', feel: 'by roll and feel', foam: 'by the landing' })],
  load: { times: 1.8, mm2: 3500 },
  says: [
    strong('low', 'stable', levels(-0.6, 0.2, 0.9, 1), 'a low arch wants its motion held', { school: ['match', 'arch'], when: member('lowArch') }),
    light('last', 'curve', le(4, 9), 'a straight sole carries a low arch', { school: ['match', 'arch'], when: member('lowArch') }),
    strong('high', 'give', ge(6, 11), 'a high arch swallows little of the shock itself', { school: ['match', 'arch'], when: member('highArch') }),
    strong('firm', 'rear', inside(1.6, 2.7, 4, 5), 'a medium arch is carried by a firm heel', { school: ['match', 'arch'], when: member('midArch') }),
    strong('even', 'stable', levels(1, 0.6, -0.4, -1), 'an even roll needs no correcting', { school: ['match', 'feel'], when: member('neutral') }),
    strong('in', 'stable', levels(-0.5, 0.6, 1, 0.8), 'a foot that rolls in wants guiding', { school: ['match', 'feel'], when: member('in') }),
    strong('out', 'stable', levels(1, 0.2, -0.8, -1), 'a foot that rolls out wants nothing that pushes it further', { school: ['match', 'feel'], when: member('out') }),
    note('feel', 'any cushion may be right: which one feels as if you wore none?', { school: ['match', 'feel'] }),
    strong('fore', 'tilt', ge(-0.5, 1), 'whoever lands in front wants it softer there', { school: ['match', 'foam'], when: member('fore') }),
    strong('rear', 'tilt', le(0.3, 1.8), 'whoever lands on the heel wants it as soft behind', { school: ['match', 'foam'], when: member('rear') }),
    strong('squeeze', 'strain', inside(0.1, 0.18, 0.42, 0.56), 'a cushion should work under this weight and not be flattened', { mark: 'model' }),
    strong('long', 'give', ge(5, 10), 'slow miles want cushion', { when: is('workout', 'long') }),
    light('plate', 'plate', levels(0.5, 0, -0.6), 'a stiff plate is for fast days', { when: is('workout', 'long'), mark: 'model' }),
    strong('quick', 'grams', le(230, 320), 'every 100 g a shoe costs about one part in a hundred', { when: is('workout', 'tempo', 'race') }),
    strong('hills', 'counter', ge(2.2, 3.8), 'uphill a loose heel slips', { when: is('workout', 'hills') }),
    strong('trail', 'tread', ge(1.5, 3.5), 'rough ground wants tread', { when: is('surface', 'trail') }),
    strong('cup', 'counter', inside(1.4, 2.4, 4.4, 5.2), 'the heel wants to be cupped'),
    light('drop', 'dropChange', le(4, 9), 'a drop is changed slowly', { mark: 'model' }),
    strong('spare', 'spare', ge(-80, 60), 'a pair should live until the race'),
    note('size', 'too short is the commonest fault; run in running socks, not in cotton')
  ]
}); // prettier-ignore
