import { run } from './lib/sentence';
import { ensureWebBuild } from './lib/webBuild';

run(async () => {
  await ensureWebBuild();
});
