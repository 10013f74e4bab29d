import { forgetReadings } from '../lib/withoutASignal';
import { api, keepCsrf, take } from './client';
import type { Me } from './types';

export async function signIn(email: string, password: string): Promise<Me> {
  const me = await take(api.POST('/api/sign-in', { body: { email, password } }));
  keepCsrf(me.csrf);
  return me;
}

/** Ends the session; the answer is a redirect nobody needs. */
export async function signOut(): Promise<void> {
  await fetch('/api/sign-out', { method: 'POST', redirect: 'manual' });
  keepCsrf('');
  await forgetReadings();
}
