import { ensureWebBuild } from '../scripts/lib/webBuild';

/** Builds the web client once, before the stages of all stories are opened on it. */
export default async function globalSetup(): Promise<void> {
  await ensureWebBuild();
}
