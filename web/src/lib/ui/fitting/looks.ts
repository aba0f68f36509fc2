/** What is looked at before measuring, as data: what to look for, what can be seen, what it asks of the fitting. */
export interface Look {
  id: string;
  name: string;
  hint: string;
  choices: readonly { id: string; name: string }[];
  advice: readonly { when: string; text: string }[];
}

const choices = (...names: string[]): Look['choices'] => names.map((name) => ({ id: name, name }));

export const LOOKS: readonly Look[] = [
  {
    id: 'forefoot',
    name: 'Forefoot against heel',
    hint: 'wide in front and narrow behind asks for another last, not another size',
    choices: choices('even', 'wide in front', 'wide behind'),
    advice: [{ when: 'wide in front', text: 'Wide in front of a narrow heel: measure both widths; a heel grip or a combination last may be needed.' }]
  },
  {
    id: 'toes',
    name: 'Toes',
    hint: 'the longest toe, and which toe would touch first',
    choices: choices('big toe longest', 'second longest', 'nearly level', 'raised toe'),
    advice: [{ when: 'raised toe', text: 'A raised toe needs depth: measure how much higher it stands and enter it as hammer toe.' }]
  },
  {
    id: 'arch',
    name: 'Arch, standing',
    hint: 'seated and standing may differ: a soft arch lengthens the foot under weight',
    choices: choices('low', 'medium', 'high'),
    advice: [{ when: 'low', text: 'A low arch goes with a longer foot under weight: measure standing, weight on that foot.' }]
  },
  {
    id: 'bumps',
    name: 'Bumps and skin',
    hint: 'what stands out, what is rubbed, what is sore',
    choices: choices('nothing', 'big-toe joint', 'little-toe joint', 'heel', 'instep', 'rubbed or sore'),
    advice: [
      { when: 'rubbed or sore', text: 'Broken or discoloured skin, or a sore that does not heal, is for a clinician before any new shoe.' },
      { when: 'big-toe joint', text: 'Measure the width over the joint as it is, and enter how far it stands out as bunion.' }
    ]
  },
  {
    id: 'walk',
    name: 'Walking up and back',
    hint: 'how the foot strikes and rolls',
    choices: choices('straight', 'rolls in', 'rolls out', 'strikes forward', 'uneven'),
    advice: [{ when: 'uneven', text: 'A new or painful limp is for a clinician.' }]
  },
  {
    id: 'wear',
    name: 'Wear on the old shoes',
    hint: 'sole, tips, creases, the lining at the heel',
    choices: choices('even', 'inner edge', 'outer edge', 'toe creased', 'heel lining worn'),
    advice: [
      { when: 'heel lining worn', text: 'A worn heel lining means the heel slips: look at heel width and instep before length.' },
      { when: 'toe creased', text: 'Creases ahead of the joint mean the shoe bends in another place than the foot: look at the flex point.' }
    ]
  }
];
