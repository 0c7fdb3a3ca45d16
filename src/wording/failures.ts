import type { Failure, FailureCode, FailureValues } from '../core/failure.ts';
import { otherVoice } from '../core/sound/voices.ts';
import { euros, libraryWords } from './stock.ts';

/** The way out that always works. */
const PASTE = 'Open it yourself, copy its text and paste it here.';

const megabytes = (bytes: number): string => `${Math.round(bytes / 1e6)} MB`;
const gigabytes = (bytes: number): string => `${(bytes / 1e9).toFixed(1)} GB`;

const DAMAGED_CLIP = 'This clip is damaged or cut off and cannot be read; export it again and try once more.';

/** What went wrong and what to do about it, for every failure there is. */
const WORDS: { [C in FailureCode]: (f: FailureValues[C]) => string } = {
  'no-piece': () => 'There is no such piece. It may have been made on another installation.',
  'no-outline': () => 'There is no such outline. It may have been put away.',
  'no-picture': () => 'There is no such picture.',
  'no-own-picture': () => 'There is no such picture among your own.',
  'no-library': () => 'This library is not set up here any more. Search again.',
  'library-away': ({ library, state, waitS }) =>
    `${libraryWords(library, state, waitS)} Nothing was taken or paid.`,
  'offer-gone': () => 'This offer is not at hand any more. Search again, then take it. Nothing was paid.',
  'price-changed': ({ fromCents, toCents }) =>
    `The price has changed from ${euros(fromCents)} to ${euros(toCents)}. Nothing was paid; take it again if that is right.`,
  'no-photo': () => 'The photo has not arrived; send it once more.',
  'no-render': () => 'There is no such render.',
  'no-video': () => 'There is no such video yet.',
  'no-take': () => 'There is no such take. Record it again, or let a voice say the line.',
  'no-sound': () =>
    'Nothing can be heard in this recording. Record it again, or give a file with sound (WAV, MP3, M4A, Ogg, FLAC, WebM).',
  'no-track': () =>
    'This music is not here any more. Choose another in the pass for music, or bring its file again.',
  'no-clip': () => 'There is no such clip.',
  'no-file': () => 'There is no such file.',
  'no-review': () => 'This link opens nothing. Ask whoever sent it whether it is whole.',
  'no-comment': () => 'There is no such comment any more.',
  'no-version': () => 'This version cannot be watched any more. Reload the page for the newest one.',
  'review-over': ({ reason }) =>
    reason === 'expired'
      ? 'The time of this link is over. Ask whoever sent it for a new one.'
      : 'This link was withdrawn. Ask whoever sent it.',
  'review-locked': () => 'This link wants its password.',
  'wrong-password': () => 'That is not the password. Ask whoever sent the link.',
  'too-often': ({ waitS }) =>
    `That was too often in a short time. Try again in ${waitS} second${waitS === 1 ? '' : 's'}.`,
  'too-many-comments': ({ most }) =>
    `There are ${most} comments already; nobody reads more. Tell whoever sent the link.`,
  'no-demo-page': () => 'There is no such page in the made-up web.',
  'no-address': () => 'There is no address yet.',

  'bad-request': ({ what }) => what,
  'no-json': () => 'The request is no JSON.',
  'too-large': ({ most }) => `This is larger than ${megabytes(most)}, which is too much to send.`,
  'other-site': () => 'This request came from another site.',
  'other-host': () =>
    'This Nabbet does not answer under this name. Whoever runs it can allow the name with NABBET_HOSTS.',
  'no-access': () =>
    'This Nabbet can be reached from other machines, so it asks for its access token. It is shown where Nabbet was started.',
  'half-letter': () =>
    'The text holds half of a letter (an unpaired surrogate), which cannot be stored. Delete the sign that shows as a box and type it again.',

  'damaged-piece': ({ reason, detail }) =>
    reason === 'newer'
      ? `The piece was made by a newer Nabbet (version ${detail} of its document). Open it there, or bring this one up to date.`
      : `The stored piece is damaged: ${detail}`,
  behind: () => 'Somebody else edited this piece.',
  'edit-refused': ({ reason, detail }) => EDIT_REFUSED[reason](detail),
  'no-lines': () => 'There are no words in this script that could become a scene.',
  'no-scenes': () => 'The piece has no scenes yet: write a line first.',
  'too-many-scenes': ({ scenes, most, from }) =>
    `This makes ${scenes} scenes; a piece holds at most ${most}. ${from === 'script' ? 'Take a part of it, or cut by paragraph.' : 'Choose a shorter length.'}`,
  'no-outline-lines': () => 'The outline has no scenes yet: keep a line or a photo first.',
  'too-many-photos': ({ most }) => `A set holds at most ${most} photos.`,
  'script-too-long': ({ letters, most }) =>
    `This text has ${Math.round(letters / 1000)} thousand characters; a script has at most ${most / 1000} thousand. Take a part of it.`,
  'damaged-source': ({ detail }) =>
    `What was stored of this source is damaged: ${detail}. Bring it once more.`,

  'render-running': () => 'A render that is under way is cancelled first, then removed.',
  'render-over': () => 'This render is over already.',

  address: ({ text }) => `“${text}” is no address. It should look like https://paper.example/story.`,
  scheme: ({ scheme }) => `Only http and https addresses can be read, not ${scheme}. ${PASTE}`,
  private: ({ host }) =>
    `${host} is an address inside a private network, and those are not read. ${PASTE} (Whoever runs this Nabbet can allow it with NABBET_READ_ALLOW=${host}.)`,
  slow: ({ host }) => `${host} did not answer in time. Try again later, or paste the text here.`,
  'not-found': ({ host }) => `${host} cannot be found. Check the address, or paste the text here.`,
  unreachable: ({ host }) => `${host} cannot be reached. Check the address, or paste the text here.`,
  unsafe: ({ host, detail }) => `The connection to ${host} is not safe (${detail}). ${PASTE}`,
  'bad-redirect': ({ host }) => `${host} leads to an address that is none. ${PASTE}`,
  redirects: ({ host }) => `${host} leads from one address to the next without end. ${PASTE}`,
  refused: ({ host, status }) => refusal(host, status),
  'content-kind': ({ type }) => `This address leads to ${type}, not to a page that can be read. ${PASTE}`,
  huge: ({ most }) => `This is larger than ${megabytes(most)}, which is too much to read. ${PASTE}`,
  nested: () => `This page is too large or too deeply nested to be read. ${PASTE}`,
  'no-text': () => 'This is not a text. Save it as plain text, .docx or .pdf and try again.',
  'file-kind': ({ readable }) =>
    `This kind of file cannot be read. ${readable.slice(0, -1).join(', ')} and ${readable.at(-1)} can.`,
  empty: ({ what }) => EMPTY[what],
  'script-built': () =>
    `This page is built by scripts in the browser, and none are run here, so there are no words on it. ${PASTE}`,
  'old-office': () =>
    `This is an old Word file or one with a password. Save it as .docx without a password, or open it yourself, copy its text and paste it here.`,
  encrypted: ({ what }) =>
    `This ${what} is locked with a password. Save it without one, or copy its text and paste it here.`,
  damaged: ({ what }) => `This ${what} is damaged and cannot be read. ${PASTE}`,
  scanned: () =>
    'This PDF has pictures of pages but no text in it (it was scanned). Run it through text recognition first, or type the words here.',
  'no-pages': () => 'This PDF has no pages.',
  'no-chapters': () => 'This book has no chapters that can be read; it may be protected against copying.',

  'picture-kind': () =>
    'This is not a picture that can be read. JPEG, PNG, WebP, AVIF, GIF, TIFF and HEIC can.',
  'picture-or-clip': ({ most }) =>
    `This is neither a clip that can be read (MP4, MOV, WebM, MKV) nor a picture of at most ${megabytes(most)}.`,
  'picture-large': ({ bytes, most }) =>
    `The file is too large (${megabytes(bytes)}; at most ${megabytes(most)}).`,
  'picture-small': ({ width, height, least }) =>
    `The picture is too small (${width} x ${height}; at least ${least} pixels each way).`,
  'picture-pixels': ({ most }) => `The picture has too many pixels (at most ${most / 1e6} million).`,
  'picture-damaged': () => 'The file is damaged or cut off; export it again and try once more.',
  'drawing-large': ({ most }) => `The drawing is too large (at most ${megabytes(most)}); export it as PNG.`,
  'drawing-damaged': () => 'The drawing is damaged; export it again, or as PNG.',
  'drawing-repeats': ({ most }) =>
    `The drawing uses parts of itself more than ${most.toLocaleString('en')} times; export it as PNG.`,
  'drawing-empty': () => 'The drawing is empty: there is nothing to be seen in it.',
  'clip-large': ({ bytes, most }) =>
    `The clip is too large (${gigabytes(bytes)}; at most ${Math.floor(most / 1e9)} GB).`,
  'clip-damaged': () => DAMAGED_CLIP,
  'clip-no-picture': () => 'There is no picture in this file, only sound.',
  'clip-long': ({ minutes, most }) =>
    `The clip is too long (${minutes} minutes; at most ${most}). Cut it first.`,
  'clip-small': ({ width, height, least }) =>
    `The clip is too small (${width} x ${height}; at least ${least} pixels each way).`,
  'cannot-paint': () => 'The studio cannot paint that.',
  'too-many-pictures': () => 'There are too many pictures on the page.',
  'without-pictures': () => 'The page was brought without its pictures.',
  'picture-outside': () => 'The picture lies outside the folder of the page.',
  'picture-missing': () => 'The picture is not in the folder of the page.',
  'upload-lost': () => 'The upload was lost; try again.',
  'cannot-store': () => 'The file could not be stored. Is the disk full? Try again.',

  'no-compositor': () =>
    'The compositor was not built on this machine. Start with ./nabbet, which builds it, or take --painter canvas.',
  'no-voice': ({ name, voices }) => {
    const other = otherVoice(name);
    if (other?.kind === 'own')
      return 'This voice of your own is not on this machine. Bring its two files again, or choose another voice.';
    if (other) return 'The service that speaks this voice is not set up here. Choose another voice.';
    return `There is no voice called “${name}”. There are: ${voices.join(', ')}.`;
  },
  unspeakable: () => 'There is nothing in this text that a voice could say.',
  'voice-answer': ({ detail }) => `The voice gave an answer that cannot be read: ${detail}`,
  'no-service': ({ name }) =>
    `The service “${name}” that speaks this voice does not answer. Try again later, or choose another voice.`,
  'voice-file': ({ why }) =>
    ({
      kind: 'This is no part of a voice. A voice is two files: NAME.onnx and NAME.onnx.json.',
      json: 'This JSON does not describe a voice in the open Piper form with eSpeak’s sounds. Bring the NAME.onnx.json that came with the model.',
      model: 'This file is no whole ONNX model. Download it again, and bring it under its own name.',
      mute: 'The two files were read, but nothing was heard when the voice was tried. They may not belong together.',
    })[why],

  'too-heavy': ({ what, most }) =>
    what === 'time'
      ? `Reading this took longer than ${most} seconds, so it was stopped. ${PASTE} Or bring a part of it.`
      : `Reading this took more memory than there is for it, so it was stopped. ${PASTE} Or bring a part of it.`,
  busy: () => 'Too much is being read at this moment. Try again in a minute.',
  'database-away': () =>
    'The database does not answer just now; it is started again by itself. Nothing is lost; try again in a moment.',
  'disk-full': () =>
    'The disk of the machine on which Nabbet runs is full. Make room there (videos on the renders page can be removed) and try again; nothing that was saved is lost.',
  'no-room': ({ bytes, free }) =>
    `This needs about ${megabytes(bytes)}, and the machine on which Nabbet runs has ${megabytes(free)} to spare. Make room there first; videos on the renders page can be removed.`,
  unknown: () => 'Something went wrong on the server. Your last saved state is kept; try again.',
};

const EDIT_REFUSED: Record<FailureValues['edit-refused']['reason'], (detail: string) => string> = {
  gone: () => 'The scene was deleted in the meantime.',
  twice: () => 'The scene is in the piece already.',
  full: (most) => `A piece holds at most ${most} scenes.`,
  invalid: (detail) => detail,
};

const EMPTY: Record<FailureValues['empty']['what'], string> = {
  file: 'This file is empty.',
  page: `No words could be found on this page. ${PASTE}`,
  pasted: 'There are no words here yet.',
  words: 'There are no words in this file.',
  product: `Nothing about a product could be found on this page. ${PASTE}`,
};

function refusal(host: string, status: number): string {
  if (status === 404 || status === 410)
    return `There is no such page on ${host} (${status}). Check the address.`;
  if (status === 401 || status === 402 || status === 403)
    return `${host} does not let this page be read without signing in (${status}). ${PASTE}`;
  if (status === 429)
    return `${host} has been asked too often (429). Try again later, or paste the text here.`;
  return `${host} answered with an error (${status}). Try again later, or paste the text here.`;
}

export const failureWords = (f: Failure): string => (WORDS[f.code] as (f: Failure) => string)(f);
