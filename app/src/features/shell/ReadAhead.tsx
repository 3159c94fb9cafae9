import {
  Component,
  startTransition,
  Suspense,
  use,
  useEffect,
  useState,
  type ComponentType,
  type ReactNode,
} from 'react';
import { api } from '../../store/api';
import { useAppDispatch } from '../../store/store';

/** What a cook looks at first has the device to itself for so long, ms. */
const FIRST_SIGHT_MS = 1500;

/** Fetches the code of a place. */
type Fetch = () => Promise<{ readonly default: ComponentType }>;

/**
 * Fetches and works out the other places one by one when nothing else is to be done, so that the first tap on each is answered
 * as soon as every later one. Nothing of them is shown or takes effect, and a tap in between goes first.
 */
export function ReadAhead({ places }: { readonly places: readonly Fetch[] }) {
  const [turn, setTurn] = useState(0);
  const [drawn, setDrawn] = useState<{ readonly turn: number; readonly Place: ComponentType } | null>(null);
  const dispatch = useAppDispatch();
  useEffect(() => {
    const fetch = places[turn];
    // Every other place shows what Now has been told already.
    if (!fetch) return void dispatch(api.endpoints.log.initiate(undefined, { subscribe: false }));
    return whenIdle(
      () =>
        void fetch().then(
          (place) => startTransition(() => setDrawn({ turn, Place: place.default })),
          // Without a network there is nothing to read ahead; the place says so itself when it is opened.
          () => undefined,
        ),
      turn === 0 ? FIRST_SIGHT_MS : 0,
    );
  }, [turn, places, dispatch]);
  if (drawn?.turn !== turn) return null;
  const { Place } = drawn;
  return (
    <WithoutHarm key={turn}>
      <Suspense fallback={null}>
        <Place />
        <NotShown onReached={() => setTurn(turn + 1)} />
      </Suspense>
    </WithoutHarm>
  );
}

const NEVER = new Promise<never>(() => undefined);

/** Keeps all before it from being put on the page, and tells when that has been worked out. */
function NotShown({ onReached }: { readonly onReached: () => void }): never {
  setTimeout(onReached);
  return use(NEVER);
}

/** What fails while it is read ahead fails again where it is asked for, and is told there. */
class WithoutHarm extends Component<{ readonly children: ReactNode }> {
  static getDerivedStateFromError = () => ({ failed: true });
  override state = { failed: false };
  override render = () => (this.state.failed ? null : this.props.children);
}

/** A browser that draws nothing may never say that it is idle, ms. */
const PATIENCE_MS = 5_000;

/** Does something when the device has nothing else to do, after a while. */
function whenIdle(then: () => void, afterMs: number): () => void {
  let idle: number | undefined;
  const timer = setTimeout(() => {
    if (typeof requestIdleCallback === 'function') idle = requestIdleCallback(then, { timeout: PATIENCE_MS });
    else then();
  }, afterMs);
  return () => {
    clearTimeout(timer);
    if (idle !== undefined) cancelIdleCallback(idle);
  };
}
