import { Shell } from '../../features/shell/Shell';
import { SignedIn } from '../../features/shell/SignedIn';

export default function PlacesLayout() {
  return (
    <SignedIn>
      <Shell />
    </SignedIn>
  );
}
