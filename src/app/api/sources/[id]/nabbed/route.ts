import { nabOutline } from '../../../../../api/sources.ts';
import { route } from '../../../../../server/http/route.ts';
import { nabbedFor } from '../../../../../server/sources/sources.ts';

export const dynamic = 'force-dynamic';

export const GET = route(nabOutline, ({ params }) => nabbedFor(params.id));
