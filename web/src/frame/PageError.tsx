import { Link, useRouteError } from 'react-router';

/** Shown when a page breaks: what is safe, and the way back. */
export function PageError() {
  const error = useRouteError();
  const isMissing = typeof error === 'object' && error !== null && 'status' in error && error.status === 404;
  return (
    <div className="mx-auto mt-24 w-[min(520px,92%)]" role="alert">
      <h1 className="text-[27px]/[32px]">{isMissing ? 'There is no such page' : 'This page came apart'}</h1>
      <p className="mt-2 text-[15px]/[22px]">
        {isMissing ? 'The address may be old.' : 'What was saved is safe. Reload, or go back to the beginning.'}
      </p>
      <p className="mt-4">
        <Link className="btn btn-main" to="/" reloadDocument>
          To the beginning
        </Link>
      </p>
    </div>
  );
}
