import { useRouter } from 'expo-router';
import { api } from '../../../store/api';
import { useCloseHouseholdMutation, useLeaveMutation } from '../../../store/doorApi';
import { closesHere } from '../../../store/kept/copy';
import { useAppDispatch } from '../../../store/store';
import { useHousehold } from '../../../store/useKitchen';
import { useMay } from '../../../store/useMay';
import { Farewell } from './Farewell';

/** The ways out: alone, or with the kitchen as a whole. */
export function Leaving() {
  const { name, closesAt } = useHousehold();
  const mayClose = useMay('people');
  const dispatch = useAppDispatch();
  const router = useRouter();
  const [leave, leaving] = useLeaveMutation();
  const [close, closing] = useCloseHouseholdMutation();
  const go = async (passphrase: string) => {
    const { error } = await leave(passphrase);
    if (error) return;
    await closesHere();
    router.replace('/welcome');
    dispatch(api.util.resetApiState());
  };
  return (
    <>
      <Farewell
        title="Leave this kitchen"
        words={`You are signed out of ${name} everywhere, and need an invitation to come back. What you noted stays, with your name.`}
        label="Leave it"
        busy={leaving.isLoading}
        error={leaving.error}
        onSaid={go}
      />
      {mayClose && closesAt === null && (
        <Farewell
          title="Delete this kitchen"
          words={`In a week ${name} is deleted, with all its foods, plans and records, for everybody in it. Until then it is as it was, and any cook can keep it.`}
          label="Delete it in a week"
          busy={closing.isLoading}
          error={closing.error}
          onSaid={close}
        />
      )}
    </>
  );
}
