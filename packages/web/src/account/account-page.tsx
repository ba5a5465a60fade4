import { useQuery } from '@tanstack/react-query';
import { Alert, Skeleton } from 'antd';
import { accountQuery } from '../api/account';
import { useSignedIn } from '../session/use-signed-in';
import { LoadError, Page } from '../ui/page';
import { ChangePassword } from './change-password';
import { SecondFactor } from './second-factor';
import { Sessions } from './sessions';

/** One's own account: the password, the authenticator, and where it is signed in. */
export function AccountPage() {
  const { lacksSecondFactor, firm } = useSignedIn();
  const account = useQuery(accountQuery);
  return (
    <Page title="Your account">
      {lacksSecondFactor && (
        <Alert
          type="warning"
          showIcon
          style={{ marginBottom: 12 }}
          title={`${firm.name} asks for an authenticator`}
          description="Set one up below; everything else opens then."
        />
      )}
      {account.error && !account.data && (
        <LoadError
          what="Your account"
          error={account.error}
          onRetry={() => void account.refetch()}
        />
      )}
      {account.isPending && <Skeleton active />}
      {account.data && (
        <>
          <SecondFactor account={account.data} />
          <ChangePassword account={account.data} />
          <Sessions account={account.data} />
        </>
      )}
    </Page>
  );
}
