/** A script to try with; made up, like everything in Osierwick. */
export const SAMPLE_SCRIPT = `The bench that mends anything [an open radio on a workbench]

Do not throw your broken toaster away.
On Thursday evenings, five neighbours open an old boathouse on the Osierwick canal. They bring screwdrivers, glue and a great deal of patience. You bring whatever has stopped working.
Last winter, forty-one radios went home playing again. [an old radio on a bench]
A kettle costs nine pounds. A new seal for it costs thirty pence.
Nobody is paid, and nobody is in a hurry. You sit beside the mender, and by the end you know how it is done.
Sometimes a thing is beyond help. Then you drink a cup of tea and keep the screws.
Come along this Thursday at seven. Bring the thing you could never bring yourself to bin.
`;
