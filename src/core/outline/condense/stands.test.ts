import { describe, expect, it } from 'vitest';
import { hasFiniteVerb, standingOf, withoutConnective } from './stands.ts';

describe('whether a sentence can be said by itself', () => {
  it.each([
    'The workshop charges nothing, but whoever brings a thing has to hold the screwdriver.',
    'It is difficult to see the harbour from the tower.',
    'It took years to mend the bridge.',
    'This year the ferry runs on Sundays.',
    'Those who come early get a seat.',
    'Both the baker and the miller were there.',
    'Boil the water before you pour it.',
    'The first lamp was lit in 1887.',
  ])('alone: %s', (text) => {
    expect(standingOf(text, true)).toBe('alone');
  });

  it.each([
    'He opened the door in March with two borrowed tables.',
    'These results were a surprise.',
    'It costs nine pounds.',
    'This means that nobody has to wait.',
    'The second lamp was brighter.',
    'The latter was chosen.',
    'In this case the ferry has to wait.',
    'One of them was blue.',
    'Instead, the council pays for the heating.',
    'As mentioned, the bridge is closed.',
    'It is the only town with a lantern market.',
    'Its roof is made of tin.',
    'That house was sold.',
  ])('only after the one before it: %s', (text) => {
    expect(standingOf(text, true)).toBe('after');
  });

  it.each([
    'Backups on tape having been deemed too slow.',
    'A mere handful of lanterns.',
    'The above example lists all the boats.',
    'The boats are shown in Figure 3.2.',
    'Proceed to Section 5.1.3 for the rest.',
    'Copy the following files to the boat.',
    'There are three kinds of lamps:',
    '$ apt-get install lantern',
    'Run the program with --verbose to see more.',
    'The file lies in /etc/lamps/wick.conf on most boats.',
    'and the rest of the sentence stood there.',
    'Note the difference between wick and lamp.',
    'if (lit) { burn(); }',
  ])('never: %s', (text) => {
    expect(standingOf(text, true)).toBe('never');
  });

  it('asks nothing of the words of another language but whether they are code', () => {
    expect(standingOf('Er öffnete die Tür im März.', false)).toBe('alone');
    expect(standingOf('sudo apt-get install --yes lampe', false)).toBe('never');
  });

  it.each([
    ['Moreover, the bridge is closed.', 'The bridge is closed.'],
    ['However, in addition, the bridge is closed.', 'The bridge is closed.'],
    ['But the bridge is closed.', 'The bridge is closed.'],
    ['Note that the bridge is closed.', 'The bridge is closed.'],
    ['(Of course, the bridge is closed.)', 'The bridge is closed.'],
    ['For example, “the bridge” is closed.', '“The bridge” is closed.'],
    ['So far nobody has crossed it.', 'So far nobody has crossed it.'],
    ['But for the lamp it was dark.', 'But for the lamp it was dark.'],
    ['The bridge, however, is closed.', 'The bridge, however, is closed.'],
    ['In addition to the bridge, the road is closed.', 'In addition to the bridge, the road is closed.'],
    ['First a lamp, then the moon.', 'First a lamp, then the moon.'],
  ])('loses what ties it to the one before: %s', (text, out) => {
    expect(withoutConnective(text)).toBe(out);
  });

  it('tells a finite verb from a participle', () => {
    expect(hasFiniteVerb('The lamps were lit.')).toBe(true);
    expect(hasFiniteVerb('The lamps having been lit.')).toBe(false);
    expect(hasFiniteVerb('Lamps to light.')).toBe(false);
  });
});
