/**
 * The page's security policy allows no code made from text, which the schema library would otherwise try for every schema.
 * It keeps its configuration at this name and takes what it finds there, so it need not be read before a schema is needed.
 */
(globalThis as { __zod_globalConfig?: { jitless: boolean } }).__zod_globalConfig = { jitless: true };

export {};
