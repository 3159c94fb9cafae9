import { Words } from '../../ui/Words';

/** For whom something is ruled with extra care; nothing where for nobody. */
export function ForTheirSake({ names, of }: { readonly names: string; readonly of?: string }) {
  if (names === '') return null;
  return <Words tone="soft">{`${of ?? 'It'} is ruled with extra care, for ${names}.`}</Words>;
}
