import { AllActs } from './AllActs';
import { ActsBeside, type BesideProps } from './ActsBeside';
import { WaysToHeat, type WaysToHeatProps } from './WaysToHeat';

interface ActsProps {
  readonly beside?: BesideProps;
  readonly heated?: WaysToHeatProps;
}

/** How things are done: all of it, what is told beside a step, or how a portion is heated again. */
export default function Acts({ beside, heated }: ActsProps) {
  if (heated) return <WaysToHeat {...heated} />;
  return beside ? <ActsBeside {...beside} /> : <AllActs />;
}
