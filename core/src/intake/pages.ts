import { z } from 'zod';

/** Where a list that is read by page goes on: after what happened at a moment under an id, newest first. */
export interface Cursor {
  readonly at: number;
  readonly id: string;
}

const FORM = /^(\d{1,15})\.([0-9a-f-]{36})$/;

/** The query of a list that is read by page: none asks for its beginning, `before` for what follows another page. */
export const pageSchema = z.object({
  before: z
    .string()
    .regex(FORM, { message: 'That page is not known.' })
    .transform((said): Cursor => {
      const [, at, id] = FORM.exec(said)!;
      return { at: Number(at), id: id! };
    })
    .optional(),
});

/** How a page that goes on says where. */
export const cursorOf = ({ at, id }: Cursor): string => `${at}.${id}`;
