import { Alert, Button } from 'antd';
import { useEffect, type ReactNode } from 'react';
import { ErrorBoundary, type FallbackProps } from 'react-error-boundary';
import { useLocation } from 'react-router';

/**
 * Stands round one screen: where it fails, it says so in its place and offers to try again, and everything
 * round it goes on. Another address is another try.
 */
export function ScreenBoundary({ screen, children }: { screen: string; children: ReactNode }) {
  const { pathname } = useLocation();
  return (
    <ErrorBoundary
      resetKeys={[pathname]}
      fallbackRender={(props) => <Failed {...props} screen={screen} />}
    >
      {children}
    </ErrorBoundary>
  );
}

function Failed({ error, resetErrorBoundary, screen }: FallbackProps & { screen: string }) {
  const isMissing = isMissingPart(error);
  useEffect(() => {
    document.title = `${screen} – Drop Close`;
  }, [screen]);
  return (
    <main className="page">
      <Alert
        type="warning"
        title={isMissing ? `${screen} could not be loaded` : `${screen} has stopped`}
        description={isMissing ? MISSING : `${STOPPED} What happened: ${String(error)}`}
        action={
          <Button
            onClick={() => {
              // A part that could not be loaded is only asked for again by a new page.
              if (isMissing) window.location.reload();
              else resetErrorBoundary();
            }}
          >
            Try again
          </Button>
        }
      />
    </main>
  );
}

const MISSING =
  'A part of the application did not arrive: the server does not answer, or there is a new version. Your work is kept.';
const STOPPED = 'Your work is kept, and the other screens go on.';

/** What browsers say where a part of the application cannot be loaded. */
const isMissingPart = (error: unknown): boolean =>
  /dynamically imported module|unable to preload|Importing a module script failed|error loading/i.test(
    String(error),
  );
