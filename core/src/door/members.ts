import { z } from 'zod';
import { roles } from '../roles/roles';
import { doorName, passphrase, said } from './schema';

/** What a new invitation is for. */
export const invitingSchema = z.object({ role: z.enum(roles) }).strict();
export type Inviting = z.infer<typeof invitingSchema>;

/** The key of an invitation, from its link or its code; told once, to who invites. */
export const invitationKeySchema = z.object({ key: z.string(), until: z.number().int() });
export type InvitationKey = z.infer<typeof invitationKeySchema>;

/** What is shown of an invitation to who has its key. */
export const invitedSchema = z.object({ household: z.string(), by: z.string(), role: z.enum(roles) });
export type Invited = z.infer<typeof invitedSchema>;

/** The key somebody holds; whatever it is, it is read. */
export const keySaidSchema = z.object({ key: said }).strict();

/** Somebody comes into a household they were invited to. */
export const joiningSchema = z.object({ key: said, person: doorName, passphrase }).strict();
export type Joining = z.infer<typeof joiningSchema>;

/** What somebody shows before what cannot be taken back. */
export const shownSchema = z.object({ passphrase: said }).strict();

/** Who belongs to a household, and the invitations nobody has come by yet; moments by the wall clock. */
export const membersSchema = z.object({
  people: z.array(
    z.object({
      id: z.uuid(),
      name: z.string(),
      role: z.enum(roles),
      since: z.number().int(),
      /** It is who asks. */
      me: z.boolean(),
    }),
  ),
  invitations: z.array(
    z.object({ id: z.uuid(), by: z.string(), role: z.enum(roles), until: z.number().int() }),
  ),
});
export type Members = z.infer<typeof membersSchema>;
