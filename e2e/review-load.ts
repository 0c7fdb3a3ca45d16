/**
 * Twenty reviewers at one link, who watch and comment while a render runs; prints how long a comment took. Against an
 * application that runs: node --import tsx e2e/review-load.ts http://127.0.0.1:4300
 */
const base = process.argv[2] ?? 'http://127.0.0.1:4300';
const REVIEWERS = 20;
const COMMENTS = 8;
/** Between two comments of one reviewer, ms: what a link takes in a minute is limited. */
const PAUSE_MS = 5200;

const json = async (path: string, init?: RequestInit) => {
  const response = await fetch(`${base}${path}`, {
    ...init,
    headers: { 'Content-Type': 'application/json' },
  });
  const text = await response.text();
  if (!response.ok) throw new Error(`${path}: ${response.status} ${text.slice(0, 200)}`);
  return text ? JSON.parse(text) : null;
};
const post = (path: string, body: unknown) => json(path, { method: 'POST', body: JSON.stringify(body) });
const pause = (ms: number) => new Promise((r) => setTimeout(r, ms));

const { pieces } = await json('/api/pieces');
const { id: pieceId } = pieces[0];
const { path } = await post(`/api/pieces/${pieceId}/reviews`, { days: 1, password: '' });
const secret = path.split('/').at(-1);
for (
  let page = await json(`/api/review/${secret}`);
  page.version === null;
  page = await json(`/api/review/${secret}`)
)
  await pause(1000);

// Enough to keep the worker busy all the while: VP9 takes its time.
const deliveries = ['16:9', '1:1', '4:5'].map((format, i) => ({
  ...{
    id: `load-${i}`,
    kind: 'webm',
    format,
    height: 1080,
    captions: true,
    language: null,
    loudness: -14,
    name: '',
  },
}));
await post('/api/renders', { pieceId, deliveries });

const took: number[] = [];
async function reviewer(n: number): Promise<void> {
  await pause((PAUSE_MS / REVIEWERS) * n);
  for (let i = 0; i < COMMENTS; i++) {
    const { version } = await json(`/api/review/${secret}`);
    const video = await fetch(`${base}/media/review/${secret}/${version}`, {
      headers: { range: 'bytes=0-400000' },
    });
    await video.arrayBuffer();
    const began = performance.now();
    await post(`/api/review/${secret}/comments`, {
      ...{
        author: `Reviewer ${n}`,
        text: `Word ${i}`,
        version,
        parentId: null,
        atMs: 1000 * i,
        region: null,
      },
    });
    took.push(performance.now() - began);
    await pause(PAUSE_MS);
  }
}
await Promise.all(Array.from({ length: REVIEWERS }, (_, n) => reviewer(n)));
const renders = await json(`/api/renders?piece=${pieceId}`);
took.sort((a, b) => a - b);
const at = (share: number) =>
  (took[Math.min(took.length - 1, Math.floor(share * took.length))] as number).toFixed(0);
console.log(
  `${took.length} comments: median ${at(0.5)} ms, 99th percentile ${at(0.99)} ms, longest ${at(1)} ms; renders: ${renders.slice(0, 3).map((r: { state: string }) => r.state)}`,
);

export {};
