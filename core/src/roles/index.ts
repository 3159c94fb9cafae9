/**
 * Who may do what in a household: two roles, and what each request and each entry asks for.
 * Whose session it is, and who entered what, is known to the server alone.
 */
export { type Act, actOf, type Role, roles, whyNot } from './roles';
