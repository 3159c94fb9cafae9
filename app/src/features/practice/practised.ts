import { lazy } from 'react';

/** How things are done, in words: asked for here alone, since what two places ask for is sent with the first page. */
export const Practised = lazy(() => import('./Acts'));
