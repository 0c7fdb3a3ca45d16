import { describe, expect, it } from 'vitest';
import { seeded } from '../../hash.ts';
import { layRows, scriptOfRows } from '../laid.ts';
import { cutScript, SPLITS, type Split } from '../script.ts';
import { isDirected, readDirections } from './directions.ts';

const NOTHING = { pictures: 0, written: 0, names: 0, notes: 0, times: 0, hashtags: 0, numbers: 0, marks: 0 };
const read = (text: string) => readDirections(text)?.text ?? null;
const told = (text: string) => readDirections(text)?.told;

const REEL = `**Title: 3 Coffee Mistakes**

**[0:00–0:03] HOOK**
*Visual: Close-up of coffee dripping into a cup*
**Voiceover:** "Your coffee tastes bitter? You're probably doing this."
**On-screen text:** STOP doing this ☕️

**[0:03–0:10] Mistake #1**
*Visual: Person pouring boiling water*
**Voiceover:** "First, boiling water. It burns the grounds."

**[0:18–0:25] CTA**
**Voiceover:** "Follow for more!"
**On-screen text:** Follow @morningcup

#coffee #barista #tips`;

describe('a script with labels', () => {
  it('says what is seen, said and written, and leaves the rest out', () => {
    expect(readDirections(REEL)).toEqual({
      text: `# 3 Coffee Mistakes

STOP doing this ☕️ [Close-up of coffee dripping into a cup] [say: Your coffee tastes bitter? You're probably doing this.]

[Person pouring boiling water] First, boiling water. It burns the grounds.

Follow @morningcup [say: Follow for more!]`,
      told: { ...NOTHING, pictures: 2, written: 2, names: 3, times: 3, hashtags: 1, marks: 11 },
    });
    expect(
      cutScript(read(REEL) ?? '', 'sentence').map((l) => [l.layout, l.shown, l.brief, l.spoken]),
    ).toEqual([
      ['title', '3 Coffee Mistakes', '', null],
      [
        ...['caption', 'STOP doing this ☕️', 'Close-up of coffee dripping into a cup'],
        "Your coffee tastes bitter? You're probably doing this.",
      ],
      ['caption', 'First, boiling water. It burns the grounds.', 'Person pouring boiling water', null],
      ['caption', 'Follow @morningcup', '', 'Follow for more!'],
    ]);
  });

  it('is understood with headings, lists under a label, rules, and notes for those who make it', () => {
    const text = `# Reel Script: Morning Routine

**Format:** 9:16 | **Duration:** 30 seconds
**Music:** Upbeat lo-fi

---

### Scene 1 (0-3 seconds): Hook
**Visuals:**
- Alarm clock buzzing
- Hand hits snooze

**Text Overlay:** "5 AM club? No thanks."

**Voiceover (soft):** "You don't have to wake up at five."

### Scene 2
**Voiceover:** "Open the curtains first."

**Caption:** Save this!
**Hashtags:** #morning #routine`;
    expect(read(text)).toBe(`# Morning Routine

5 AM club? No thanks. [Alarm clock buzzing, Hand hits snooze] [say: You don't have to wake up at five.]

Open the curtains first.`);
    expect(told(text)).toMatchObject({ pictures: 1, written: 1, names: 2, notes: 4 });
  });

  it('may have the names of its parts before what is said, and remarks within a line', () => {
    const text = `Hook: Did you know your phone is dirtier than a tap? [B-roll: hand holding phone] (Text on screen: 10x dirtier)

Most people never clean it. [upbeat music starts]

CTA: Wipe it once a day.`;
    expect(
      read(text),
    ).toBe(`10x dirtier [hand holding phone] [say: Did you know your phone is dirtier than a tap?]

Most people never clean it.

Wipe it once a day.`);
    expect(told(text)).toEqual({ ...NOTHING, pictures: 1, written: 1, names: 2, notes: 1 });
  });

  it('begins a scene with whichever label comes first, and where one comes again', () => {
    const said = `VO: One.\nVisual: a hen\nVO: Two.\nVisual: a goat\nText: Two goats`;
    expect(read(said)).toBe('[a hen] One.\n\nTwo goats [a goat] [say: Two.]');
    const seen = `Visual: a hen\nVO: One.\nVO: More.\n\nVO: Two.\nVisual: a goat\nVO: Three.`;
    expect(read(seen)).toBe('[a hen] One.\nMore.\n\nTwo.\n\n[a goat] Three.');
  });

  it('says nothing where only words are to be read, and puts no bracket in a bracket', () => {
    expect(read('Visual: a [red] door\nText: Open\n\nVisual: a hall\nVO: Come in [softly].')).toBe(
      'Open [a (red) door] [say:]\n\n[a hall] Come in [softly].',
    );
    expect(cutScript('Open [a door] [say:]', 'sentence')[0]).toMatchObject({ shown: 'Open', spoken: '' });
  });

  it('may be in German', () => {
    expect(
      read(
        'Titel: Drei Fehler\n\nBild: Eine welke Pflanze\nSprechertext: Du gießt zu viel.\nTexteinblendung: Fehler 1\n\nMusik: ruhig',
      ),
    ).toBe('# Drei Fehler\n\nFehler 1 [Eine welke Pflanze] [say: Du gießt zu viel.]');
  });
});

describe('a script in a table', () => {
  const scenes = `40,000 a day [Crowded platform] [say: Every day, people wait here.]

[Train arrives] One in ten is late.`;
  it.each([
    [
      'of Markdown',
      '| Time | Visual | Audio | On-screen text |\n|---|:--:|---|---|\n| 0:00 | Crowded platform | Every day, people wait here. | 40,000 a day |\n| 0:05 | Train arrives | One in ten is late. | |',
    ],
    [
      'of a spreadsheet',
      'Shot\tVisual\tVoiceover\tOn-screen text\n1\tCrowded platform\t"Every day, people wait here."\t40,000 a day\n2\tTrain arrives\tOne in ten is late.\t',
    ],
  ])('%s is read by its columns', (_, text) => {
    expect(read(text)).toBe(scenes);
    expect(told(text)).toMatchObject({ pictures: 2, written: 1, names: 0 });
  });

  it('stands under its title; another table stays as it is', () => {
    expect(read('# Late again\n\n| Video | Audio |\n|---|---|\n| Rails | It rains. |')).toBe(
      '# Late again\n\n[Rails] It rains.',
    );
    expect(read('| Fruit | Price |\n|---|---|\n| Apple | 2 |')).toBeNull();
  });
});

describe('a screenplay', () => {
  it('gives what is seen and what is said, with names where more than one speaks', () => {
    const one = `INT. KITCHEN - MORNING

A woman stands at the sink.

NARRATOR (V.O.)
Every morning begins the same way.

CUT TO:

EXT. STREET - DAY

NARRATOR (V.O.)
(quietly)
But not today.`;
    expect(read(one)).toBe(
      '[kitchen, morning, A woman stands at the sink.] Every morning begins the same way.\n\n[street, day] But not today.',
    );
    const two = 'EXT. QUAY - DUSK\n\nMIRA\nIs it late?\n\nTOM O’HARA\nIt is.';
    expect(read(two)).toBe('[quay, dusk] Mira: Is it late?\n\nTom O’Hara: It is.');
  });
});

describe('words without directions', () => {
  it('stand as they are', () => {
    for (const text of [
      '',
      'The ferry is back.\n\nIt leaves at six. [a ferry]',
      '# A title\n\nA line.\n\n- one\n- two',
      'Note: bring a coat.\nThe barge leaves at six.',
      'Narrator: Once there was a wolf.\nWolf: I am hungry.\nNarrator: He went away.\nWolf: Nobody is at home.',
      '1. Wake up early.\n2. Drink water.',
      'We meet at 10:30.\nThe ferry takes 2 * 3 hours, or 4*5.',
      'snake_case_words and 3/4 of a cup',
      'Anna: Is it late?\nBen: Yes.\nAnna: Then go.',
      '18:00 Doors open\n19:30 The band plays\n23:00 Last tram',
      'Duration: 30 minutes. Stir well.',
    ])
      expect(readDirections(text), text).toBeNull();
  });

  it('lose signs of Markdown, times, numbers of a thread, and hashtags behind them', () => {
    expect(
      read(
        '**Why bees matter**\n\nFood depends on a **bee**. See [our guide](https://example.org/b).\n\n> No *apples*.',
      ),
    ).toBe('Why bees matter\n\nFood depends on a bee. See our guide.\n\nNo apples.');
    expect(read('0:00 Welcome.\n0:12 A bee tells the others.')).toBe('Welcome.\nA bee tells the others.');
    expect(read('1/ I read 52 books.\n\n2/ One taught me to say no.')).toBe(
      'I read 52 books.\n\nOne taught me to say no.',
    );
    expect(read('2/ Not a thread.\n\n5/ At all.')).toBeNull();
    expect(read('It is spring.\n\n#garden #spring')).toBe('It is spring.');
    // A label by itself stays in the words.
    expect(read('**Soup**\n\nDuration: 30 minutes\n\nStir it. [upbeat music]')).toBe(
      'Soup\n\nDuration: 30 minutes\n\nStir it. [upbeat music]',
    );
    expect(isDirected('**Bold**\n\nIt is *spring*.')).toBe(false);
    expect(isDirected(REEL)).toBe(true);
  });

  it('are read once: what came of it is not read again, and its rows are its lines', () => {
    const random = seeded('directions');
    const pick = <T>(of: readonly T[]): T => of[Math.floor(random() * of.length)] as T;
    const labels = [
      'Visual: a barge',
      'VO: The barge holds. It leaves at six.',
      'Text: At six',
      '[B-roll: a quay]',
    ];
    const others = [
      '**Scene 2**',
      '[0:04-0:09] CTA',
      'Music: calm',
      'It is late.',
      'Hook: Who waits?',
      '---',
      '',
    ];
    for (let n = 0; n < 400; n++) {
      const text = Array.from({ length: 2 + Math.floor(random() * 12) }, () =>
        pick([...labels, ...others]),
      ).join('\n');
      const found = readDirections(text);
      if (!found) continue;
      expect(readDirections(found.text)?.text ?? found.text, text).toBe(found.text);
      for (const split of SPLITS) {
        const rows = layRows(found.text, split, () => 'r');
        const words = (of: string, by: Split) =>
          cutScript(of, by).map(({ shown, brief, spoken, speaker }) => ({ shown, brief, spoken, speaker }));
        expect(words(scriptOfRows(rows), 'line'), text).toEqual(words(found.text, split));
      }
    }
  });

  it.each(['**a ', '[', '![', ' ', '\t', '_a ', '[a](', '(a: '])(
    'are read to their end, whatever is repeated: %j',
    (unit) => {
      const text = `x${unit.repeat(50_000)}y`;
      expect(isDirected(`${text}\nVO: One.\nVisual: a hen`)).toBe(true);
    },
  );
});
