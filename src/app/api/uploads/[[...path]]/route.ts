import { answerUpload } from '../../../../server/assets/uploads.ts';
import { guarded } from '../../../../server/http/route.ts';

export const dynamic = 'force-dynamic';

/** Uploads speak a protocol of their own (tus). */
const handle = guarded((request) => answerUpload(request));

export const POST = handle;
export const HEAD = handle;
export const PATCH = handle;
export const DELETE = handle;
