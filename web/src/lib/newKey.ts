/** A word that no other device will make; `crypto.randomUUID` is missing where a phone opens the page by plain http. */
export const newKey = (): string => Array.from(crypto.getRandomValues(new Uint8Array(16)), (byte) => byte.toString(16).padStart(2, '0')).join('');
