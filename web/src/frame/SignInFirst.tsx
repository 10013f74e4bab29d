import { Navigate, useLocation } from 'react-router';

/** Sends a guest to the front door; after it the address asked for opens, as when a tote's label was scanned. */
export function SignInFirst() {
  const { pathname, search } = useLocation();
  return <Navigate to="/sign-in" replace state={{ asked: pathname + search }} />;
}
