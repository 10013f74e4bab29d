import { Component, type ReactNode } from 'react';
import { Link, useLocation } from 'react-router';
import { askAgain } from '../pageParts';

/** Shown when a page breaks or there is none: what is safe, and the way back. */
export function PageError({ isMissing = false, onRetry }: { isMissing?: boolean; onRetry?: () => void }) {
  return (
    <div className="mx-auto mt-24 w-[min(520px,92%)]" role="alert">
      <h1 className="text-[27px]/[32px]">{isMissing ? 'There is no such page' : 'This page came apart'}</h1>
      <p className="mt-2 text-[15px]/[22px]">
        {isMissing ? 'The address may be old.' : 'What was saved is safe. Try again, or go back to the beginning.'}
      </p>
      <p className="mt-4 flex gap-2">
        {onRetry && (
          <button type="button" className="btn" onClick={onRetry}>
            Try again
          </button>
        )}
        <Link className="btn btn-main" to="/" reloadDocument>
          To the beginning
        </Link>
      </p>
    </div>
  );
}

type Broken = { isBroken: boolean; path: string };
type Props = { children: ReactNode };

/** Says so when a page breaks; another address is tried anew. */
export function PageGuard(props: Props) {
  return <Guard path={useLocation().pathname} {...props} />;
}

// React tells only classes of what broke.
class Guard extends Component<Props & { path: string }, Broken> {
  override state: Broken = { isBroken: false, path: this.props.path };

  static getDerivedStateFromError(): Partial<Broken> {
    return { isBroken: true };
  }

  static getDerivedStateFromProps({ path }: Props & { path: string }, before: Broken): Broken | null {
    if (path === before.path) return null;
    if (before.isBroken) askAgain();
    return { isBroken: false, path };
  }

  private readonly retry = () => {
    askAgain();
    this.setState({ isBroken: false });
  };

  override render(): ReactNode {
    return this.state.isBroken ? <PageError onRetry={this.retry} /> : this.props.children;
  }
}
