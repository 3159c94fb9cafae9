import { createPublicKey, verify } from 'node:crypto';

const LONGEST_S = 24 * 60 * 60;

/**
 * Whether a request says truly that it comes from who holds a key (RFC 8292): a token signed with it, for this service, not over yet.
 *
 * @param authorization the header, `vapid t=…, k=…`
 * @param writer the public key it has to be of, base64url
 * @param audience the service's origin
 */
export function isFrom(
  authorization: string | undefined,
  { writer, audience, now }: { readonly writer: string; readonly audience: string; readonly now: number },
): boolean {
  const said = /^vapid\s+t=([\w-]+\.[\w-]+\.[\w-]+)\s*,\s*k=([\w-]+)$/i.exec(authorization?.trim() ?? '');
  if (!said || said[2] !== writer) return false;
  const [head, body, signature] = said[1]!.split('.') as [string, string, string];
  const signed = verify(
    'sha256',
    Buffer.from(`${head}.${body}`),
    { key: keyOf(writer), dsaEncoding: 'ieee-p1363' },
    Buffer.from(signature, 'base64url'),
  );
  return signed && isFor(read(body), audience, now / 1000);
}

const isFor = ({ aud, exp }: { aud?: unknown; exp?: unknown }, audience: string, nowS: number): boolean =>
  aud === audience && typeof exp === 'number' && exp > nowS && exp <= nowS + LONGEST_S;

function read(part: string): { aud?: unknown; exp?: unknown } {
  try {
    return (JSON.parse(Buffer.from(part, 'base64url').toString('utf8')) as object | null) ?? {};
  } catch {
    return {};
  }
}

/** A point of the curve as it is sent: one byte, then its two coordinates. */
const POINT_BYTES = 65;

/** Whether a text can be the public key of a writer. */
export const isKey = (writer: string): boolean => {
  try {
    return Buffer.from(writer, 'base64url').length === POINT_BYTES && Boolean(keyOf(writer));
  } catch {
    return false;
  }
};

function keyOf(writer: string) {
  const point = Buffer.from(writer, 'base64url');
  const half = (POINT_BYTES - 1) / 2;
  return createPublicKey({
    format: 'jwk',
    key: {
      kty: 'EC',
      crv: 'P-256',
      x: point.subarray(1, 1 + half).toString('base64url'),
      y: point.subarray(1 + half).toString('base64url'),
    },
  });
}
