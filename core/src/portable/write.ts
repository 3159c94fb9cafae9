import { SECTIONS, type Portable, type PortableHead, type Section } from './schema';

/** The members of each list, as they come. */
export type Lists = { readonly [Name in Section]: () => AsyncIterable<Portable<Name>> };

/** A file, piece by piece, a line for each member of a list: a year can be compared with the next line by line. */
export async function* portableText(head: PortableHead, lists: Lists): AsyncGenerator<string> {
  // What stands before the lists is one line each as well; the object stays open.
  yield JSON.stringify(head, null, 1).slice(0, -2);
  for (const section of SECTIONS) {
    yield `,\n "${section}": [`;
    let first = true;
    for await (const member of lists[section]()) {
      yield `${first ? '' : ','}\n  ${JSON.stringify(member)}`;
      first = false;
    }
    yield '\n ]';
  }
  yield '\n}\n';
}
