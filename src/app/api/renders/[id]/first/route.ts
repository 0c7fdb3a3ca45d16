import { renderFirst } from '../../../../../api/renders.ts';
import { route } from '../../../../../server/http/route.ts';
import { renderFirst as first } from '../../../../../server/jobs/renders.ts';

export const POST = route(renderFirst, ({ params }) => first(params.id));
