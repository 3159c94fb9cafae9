import { z } from 'zod';

const schema = z.object({
  OMTEL_DATABASE_URL: z.url({ protocol: /^(mysql|mariadb)$/ }),
  OMTEL_PORT: z.coerce.number().int().min(0).max(65535).default(4610),
  OMTEL_SECRET: z.string().min(32),
  OMTEL_WEB_ROOT: z.string().optional(),
  OMTEL_ZONE: z.string().default(() => Intl.DateTimeFormat().resolvedOptions().timeZone),
  /** A fixed instant to take for the wall clock, so that pictures and tests come out the same. */
  OMTEL_CLOCK: z.iso.datetime({ offset: true }).optional(),
});

export interface Config {
  readonly databaseUrl: string;
  readonly port: number;
  readonly secret: string;
  readonly webRoot: string | null;
  readonly zone: string;
  readonly fixedClock: number | null;
}

/** A setting is missing or wrong; the message is one sentence that names it. */
export class ConfigProblem extends Error {}

/**
 * Reads the server's settings from the environment.
 *
 * @throws ConfigProblem
 */
export function readConfig(env: Record<string, string | undefined>): Config {
  const parsed = schema.safeParse(env);
  if (!parsed.success) {
    const issue = parsed.error.issues[0]!;
    throw new ConfigProblem(`The setting ${issue.path.join('.')} is not usable: ${issue.message}.`);
  }
  const { data } = parsed;
  return {
    databaseUrl: data.OMTEL_DATABASE_URL.replace(/^mariadb:/, 'mysql:'),
    port: data.OMTEL_PORT,
    secret: data.OMTEL_SECRET,
    webRoot: data.OMTEL_WEB_ROOT ?? null,
    zone: data.OMTEL_ZONE,
    fixedClock: data.OMTEL_CLOCK ? Date.parse(data.OMTEL_CLOCK) : null,
  };
}
