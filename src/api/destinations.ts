import { type Destination, destinationsSchema } from '../core/kit/destinations.ts';
import { answer, endpoint } from './endpoint.ts';

/** Where posts go, as this installation has it. */
export const listDestinations = endpoint('GET', '/api/destinations', { answer: answer<Destination[]>() });

/** Puts all destinations in the place of those there are. */
export const putDestinations = endpoint('PUT', '/api/destinations', { body: destinationsSchema });
