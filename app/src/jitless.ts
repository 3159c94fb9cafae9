import { config } from 'zod';

// The page's security policy allows no code made from text, which schemas would otherwise try as they are made. So
// this is imported before any of them.
config({ jitless: true });
