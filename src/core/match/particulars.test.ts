import { describe, expect, it } from 'vitest';
import { asMeant } from './figures.ts';
import { MOST_LETTERS, particularsOf } from './particulars.ts';

const MAP = 'where to find us on the map';

describe('particulars of an announcement', () => {
  it.each([
    ['Millbrook fire station, Kiln Lane 4', 'Kiln Lane 4', MAP],
    ['12 Old Harbour Street', '12 Old Harbour Street', MAP],
    ['Come to 7b Mill Rd.', '7b Mill Rd.', MAP],
    ['Mühlenweg 3, Hinterhof', 'Mühlenweg 3', MAP],
    ['Rue du Moulin 7', 'Rue du Moulin 7', MAP],
    ['Sunday, 14 June, 10 am to 5 pm', 'Sunday, 14 June, 10 am to 5 pm', 'the date on the calendar'],
    ['Every Tuesday at 7 pm!', 'Every Tuesday at 7 pm!', 'the date on the calendar'],
    ['Doors open at 18:30', 'Doors open at 18:30', 'the time on the clock'],
    ['Book at www.osier-quay.example/tables', 'www.osier-quay.example/tables', 'visit our website online'],
    ['More on osierquay.example', 'osierquay.example', 'visit our website online'],
    ['Write to mara@osierquay.example', 'mara@osierquay.example', 'write us a mail'],
    ['Call 0555 123 4567', '0555 123 4567', 'call us on the phone'],
    ['+44 555 12 34 56', '+44 555 12 34 56', 'call us on the phone'],
  ])('“%s”: “%s” is %s', (text, said, meant) => {
    expect(particularsOf(text)).toEqual([{ said, meant }]);
    expect(asMeant(text)).toEqual({ text: text.replace(said, meant), figures: [{ said, meant }] });
  });

  it.each([
    'She walked down the street.',
    'The Way we live',
    'On Sunday we bake bread.',
    'It opened in 1998.',
    '150 kg of flour',
    'We sold 0.5 litres.',
    'He may go on.',
    'In June the 4 boats of the harbour left for the north, and Kiln Lane 4 was empty.',
    'I said stop.Then we left.',
    'I love this.It works.',
    '10 to 5',
    '',
  ])('“%s” has none', (text) => expect(particularsOf(text)).toEqual([]));

  it('are looked for in no time, whatever somebody writes', () => {
    for (const part of ['10:10', '1 ', '9', 'a.', 'A ', '@', 'www.', '+1', '(0'])
      for (const end of ['', 'x', '!']) {
        const text = `${part.repeat(Math.ceil(MOST_LETTERS / part.length))}`.slice(0, MOST_LETTERS - 1) + end;
        expect(particularsOf(text).length).toBeLessThan(4);
        expect(particularsOf(text.repeat(400))).toEqual([]);
      }
  });
});
