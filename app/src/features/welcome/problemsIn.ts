import type { z } from 'zod';

/**
 * What is wrong with what was filled in, a sentence at each field.
 *
 * @returns by the name of the field; empty where all is well
 */
export function problemsIn<Shape extends z.ZodType>(
  schema: Shape,
  said: unknown,
): Partial<Record<string, string>> {
  const { error } = schema.safeParse(said);
  const problems: Record<string, string> = {};
  for (const { path, message } of error?.issues ?? []) problems[String(path[0])] ??= message;
  return problems;
}
