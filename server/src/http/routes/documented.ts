import { problemSchema, PROBLEM_TYPE } from '@omtel/core/api';
import { z } from '@hono/zod-openapi';

/** A result whose shape is a type of the core's; OpenAPI shows it as an object. */
export const shaped = <Shape>(name: string) => z.custom<Shape>().openapi(name, { type: 'object' });

const problems = { content: { [PROBLEM_TYPE]: { schema: problemSchema } } };

/** The answers of a JSON route: its result, or a problem with a sentence. */
export const answers = <Result extends z.ZodType>(result: Result) => ({
  200: { description: 'Done', content: { 'application/json': { schema: result } } },
  '4XX': { description: 'Not possible, and why', ...problems },
  '5XX': { description: 'Our fault, and what to do', ...problems },
});

export const jsonBody = <Body extends z.ZodType>(schema: Body) => ({
  required: true,
  content: { 'application/json': { schema } },
});
