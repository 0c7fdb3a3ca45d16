import { describe, expect, it } from 'vitest';
import { looksLikeCode, namesCode } from './code.ts';

describe('what is typed or printed by a machine', () => {
  it.each([
    '$ ls',
    '  # apt',
    '> quit',
    '% make',
    '❯ npm',
    'mira@shop:~',
    'mira.k@shop-2~ ls -la',
    '// not reached',
    '/* kept */',
    '<?php',
    '#!/bin/sh',
    '(define x 3)',
    '\\frac half',
  ])('begins like it: %s', (text) => {
    expect(looksLikeCode(text)).toBe(true);
  });

  it.each([
    'if {x}',
    'a < b',
    'say x|y',
    'set -v on',
    'set --verbose on',
    'see /etc/hosts now',
    'open src/main/x-1.c there',
    'call run() twice',
    'std::sort it',
    'p->next it',
    'x => y here',
    'use my_name here',
    'it ends; here',
    'edit notes.conf first',
    'read “setup.py”, please',
    '(see main.sh)',
    'run x.so.',
  ])('has one odd word among few: %s', (text) => {
    expect(looksLikeCode(text)).toBe(true);
  });

  it('has odd words in more than every sixth place', () => {
    const plain = 'the boat lies at the quay and waits';
    expect(looksLikeCode(`${plain} --now`)).toBe(false);
    expect(looksLikeCode(`${plain} --now a.c`)).toBe(true);
    expect(looksLikeCode(`${plain} for all who come later --now a.c`)).toBe(false);
    expect(looksLikeCode('one two three four five run()')).toBe(true);
    expect(looksLikeCode('one two three four five six run()')).toBe(false);
  });

  it.each([
    '',
    '   ',
    'The boat lies at the quay.',
    '#harbour at night',
    'Call me at five, or at six.',
    'A well-kept garden - and a pond.',
    'Mira: are you there?',
    'Either and/or both of them would do for us.',
    'Visit us at Tannery Row 5 (behind the mill).',
  ])('is not what somebody says: %s', (text) => {
    expect(looksLikeCode(text)).toBe(false);
  });
});

describe('a sentence that names something typed', () => {
  it.each([
    'Give it --all of them.',
    '--all is enough.',
    'It lies in “/etc/hosts.d”.',
    'It lies in ~/boats/one.',
    'Look into ~/.profile for it.',
    'Look (~/notes) for it.',
    'It reads $HOME first.',
    'It calls open() then.',
    'Between { and the end.',
    'Shift it << by two.',
    'Shift it >> by two.',
    'It maps x => y.',
    'When n >= 3 it stops.',
    'When n <= 3 it stops.',
    'From 1..9 it counts.',
    'It is std::sort again.',
    'So a;b;c it says.',
  ])('does: %s', (text) => {
    expect(namesCode(text)).toBe(true);
  });

  it.each([
    'It costs 5$ a day.',
    'He said -- and then went -- nothing.',
    'Up and down / left and right.',
    'Wait... and see.',
    'The ratio is 3:1; nobody minds.',
    'A (small) boat, a mill, a quay.',
  ])('does not: %s', (text) => {
    expect(namesCode(text)).toBe(false);
  });
});
