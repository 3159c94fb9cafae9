const MOST = 6;

/**
 * Time zones by what somebody types of their name: from two letters on, those that begin with it first.
 *
 * @example zonesLike('new y') // ['America/New_York']
 */
export function zonesLike(typed: string): readonly string[] {
  const wanted = plain(typed);
  if (wanted.length < 2) return [];
  const begins = (zone: string) => plain(zone.split('/').at(-1)!).startsWith(wanted);
  return Intl.supportedValuesOf('timeZone')
    .filter((zone) => plain(zone).includes(wanted))
    .sort((a, b) => Number(begins(b)) - Number(begins(a)) || a.localeCompare(b))
    .slice(0, MOST);
}

const plain = (text: string): string =>
  text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replaceAll(/[_\s]+/g, ' ')
    .trim()
    .toLowerCase();
