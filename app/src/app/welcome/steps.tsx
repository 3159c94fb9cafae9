import { SignedIn } from '../../features/shell/SignedIn';
import { StepsScreen } from '../../features/welcome/StepsScreen';

export default function Steps() {
  return (
    <SignedIn>
      <StepsScreen />
    </SignedIn>
  );
}
