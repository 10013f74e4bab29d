import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { api, take } from '../../api/client';
import { signIn } from '../../api/session';
import { CupboardMark } from '../../frame/glyphs';
import { Field, FormErrors } from '../../ui/Field';

/** The front door; in the demo its key hangs beside it. */
export function SignInPage() {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const { asked = '/' } = (useLocation().state ?? {}) as { asked?: string };
  const [email, setEmail] = useState('');
  const [password, setPassword] = useState('');
  const welcome = useQuery({ queryKey: ['welcome'], queryFn: ({ signal }) => take(api.GET('/api/welcome', { signal })) });
  useEffect(() => {
    if (welcome.data?.isDemo) {
      setEmail(welcome.data.email);
      setPassword(welcome.data.password);
    }
  }, [welcome.data]);
  const enter = useMutation({
    mutationFn: () => signIn(email, password),
    onSuccess: async (me) => {
      queries.clear();
      queries.setQueryData(['me'], me);
      await navigate(asked);
    },
  });
  return (
    <main className="grid min-h-screen place-items-center bg-door px-4">
      <div className="w-[min(430px,100%)]">
        <div className="mb-5 flex items-center gap-3 text-[#F3F0E6]">
          <CupboardMark />
          <h1 className="flex-1 text-[28px]/[32px]">Bright Cupboard</h1>
        </div>
        <form
          className="grid gap-3 bg-paper p-6 shadow-2xl"
          onSubmit={(event) => {
            event.preventDefault();
            enter.mutate();
          }}
        >
          <p className="text-[15px]/[21px]">What you own, where it lies, and what the next season makes of it.</p>
          <FormErrors error={enter.error}>
            <Field label="E-mail" name="email">
              {(control) => (
                <input {...control} type="email" autoComplete="username" value={email} onChange={(event) => setEmail(event.target.value)} required />
              )}
            </Field>
            <Field label="Password" name="password">
              {(control) => (
                <input
                  {...control}
                  type="password"
                  autoComplete="current-password"
                  value={password}
                  onChange={(event) => setPassword(event.target.value)}
                  required
                />
              )}
            </Field>
            <button type="submit" className="btn btn-main justify-center" disabled={enter.isPending}>
              Sign in
            </button>
          </FormErrors>
          {welcome.data?.isDemo && (
            <p className="note border-t border-line pt-3">This is the demo: its sign-in is filled in. Ferry House and Orchard Flat are invented.</p>
          )}
        </form>
        <div className="ledge" />
      </div>
    </main>
  );
}
