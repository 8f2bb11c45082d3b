/** How this process is reached: on this computer alone, or (a second process) by tablets in its network. */

export const servesLan = (): boolean => process.env.IVREK_LAN_SERVE === '1';

/** Addresses for tablets and the fingerprint of the authority; null where the network is not served. */
export function lanInfo(): { urls: string[]; fingerprint: string } | null {
  const said = process.env.IVREK_LAN;
  return said ? (JSON.parse(said) as { urls: string[]; fingerprint: string }) : null;
}

const loopback = /^(localhost|127\.0\.0\.1|\[::1\])(:\d+)?$/;

/** True if a request names this server by a name it has; any other name may be another site's trick. */
export function knowsHost(host: string): boolean {
  return servesLan() ? (process.env.IVREK_LAN_HOSTS ?? '').split(',').includes(host.toLowerCase()) : loopback.test(host);
}

export const ownScheme = (): 'https' | 'http' => (servesLan() ? 'https' : 'http');
