/** Demo scripts from Osierwick, a made-up canal town. */
import type { Format } from '../../core/look/formats.ts';
import type { Mood } from '../../core/music/moods.ts';
export const DEMO_SCRIPTS: {
  name: string;
  format: Format;
  voice: string;
  mood: Mood;
  script: string;
}[] = [
  {
    name: 'lantern-night',
    format: '16:9',
    voice: 'fenn',
    mood: 'wonder',
    script: `How a town learned to glow [paper lanterns at night]

Ten years ago, the market in Osierwick closed at dusk. [boats resting at dusk]
Then Ilse Marrow hung one paper lantern over her stall, and people stayed.
The next week there were nine lanterns. Children made them in the orchard school.
Now four hundred lanterns hang over the canal on the first Friday of every month.
Each one costs less than a cup of coffee to make.
You need thin paper, a ring of willow and an hour with friends. [hands at work on a table]
Bring yours this Friday. There is always one more string.
`,
  },
  {
    name: 'mending-bench',
    format: '9:16',
    voice: 'maud',
    mood: 'gentle',
    script: `The bench that mends anything [an open radio on a workbench]

Do not throw your broken toaster away. [taking a toaster apart]
On Thursday evenings, five neighbours open an old boathouse on the Osierwick canal.
They bring screwdrivers, glue and a great deal of patience. [tools on the wall]
Last winter, forty-one radios went home playing again. [mending a radio]
A kettle costs nine pounds. A new seal for it costs thirty pence.
Nobody is in a hurry. You sit beside the mender, and by the end you know how it is done.
Sometimes a thing is beyond help. Then you drink a cup of tea and keep the screws.
Come along this Thursday at seven.
`,
  },
];
