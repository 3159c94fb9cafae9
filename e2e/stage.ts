import { openStage } from '../scripts/lib/stage';

/** Opens the stage once for all stories; they find it by its address. */
export default async function globalSetup(): Promise<() => Promise<void>> {
  const stage = await openStage();
  process.env.OMTEL_STAGE = stage.address;
  return stage.stop;
}
