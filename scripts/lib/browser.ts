import { ensureProgram } from './debian';

/** Chromium from Debian's packages, and the flags it needs as root in a closed network. */
export const chromiumLaunch = () => ({
  executablePath: ensureProgram('chromium', 'chromium'),
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
});

export const PHONE = { width: 390, height: 844 };
export const LAPTOP = { width: 1280, height: 800 };
