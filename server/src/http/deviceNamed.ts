import bowser from 'bowser';

const LONGEST = 80;
const KINDS: Partial<Record<string, string>> = { mobile: 'phone', tablet: 'tablet', desktop: 'computer' };

/**
 * What a browser says it is, as somebody would name it who looks for a lost phone.
 *
 * @param agent the header it sent, whatever stands in it
 * @example deviceNamed('Mozilla/5.0 (Linux; Android 14; …) … Chrome/126.0.0.0 Mobile Safari/537.36') // 'Chrome on Android, phone'
 */
export function deviceNamed(agent: string | undefined): string {
  if (!agent) return 'Some device';
  const { browser, os, platform } = bowser.parse(agent);
  const on = [browser.name, os.name].filter(Boolean).join(' on ') || 'Some device';
  const kind = KINDS[platform.type ?? ''];
  return (kind ? `${on}, ${kind}` : on).slice(0, LONGEST);
}
