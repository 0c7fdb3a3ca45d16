import { uploads } from '../../../../server/assets/uploads.ts';
import { route } from '../../../../server/http.ts';

export const dynamic = 'force-dynamic';

const handle = route(async (request) => uploads().handleWeb(request));

export const POST = handle;
export const HEAD = handle;
export const PATCH = handle;
export const DELETE = handle;
