/**
 * A whole household as one file, out and in: its schema, how it is written, and how it is read with the line of what is wrong.
 * What it amounts to here is the server's.
 */
export {
  type Portable,
  PORTABLE_FORMAT,
  PORTABLE_VERSION,
  type PortableHead,
  type Section,
  SECTIONS,
  type Taken,
  type TakingIn,
} from './schema';
export { lineOfMember, memberIn, openPortable, type PortableFile, PortableProblem } from './read';
export { type Lists, portableText } from './write';
