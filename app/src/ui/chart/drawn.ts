import { lazy } from 'react';

/** Asked for here alone: what two places ask for would be sent with the first page. */
export const Drawing = lazy(() => import('./Drawing'));
