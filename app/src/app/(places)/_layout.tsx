import { ReadAhead } from '../../features/shell/ReadAhead';
import { Shell } from '../../features/shell/Shell';
import { SignedIn } from '../../features/shell/SignedIn';

const PLACES = [
  () => import('./stores'),
  () => import('./plan/index'),
  () => import('./guide/index'),
  () => import('./log'),
  () => import('./now'),
  () => import('./food/[id]/index'),
];

export default function PlacesLayout() {
  return (
    <SignedIn>
      <Shell />
      <ReadAhead places={PLACES} />
    </SignedIn>
  );
}
