import { useQuery } from '@tanstack/react-query';
import { Alert } from 'antd';
import { Link, useNavigate, useParams } from 'react-router';
import { applyLink, linkQuery, type LinkHeld } from '../api/account';
import { useWrite } from '../api/use-write';
import { Door, useEnter } from './door';
import { DoorForm } from './door-form';
import pageStyles from '../ui/page.module.css';

const CODE = {
  ...{ name: 'code', label: 'Code', autoComplete: 'one-time-code' },
  hint: 'Six digits from your authenticator, or a recovery code.',
} as const;

const titleOf = ({ kind, firm }: LinkHeld): string =>
  kind === 'invite' ? `Join ${firm}` : 'Choose a new password';

function explain({ kind, hasPassword, email }: LinkHeld): string {
  if (hasPassword) return `You sign in as ${email} already: give the password that you know.`;
  return kind === 'invite'
    ? `You will sign in as ${email}, with a password of your own.`
    : `You sign in as ${email}. All your other sessions end.`;
}

/** What a link leads to that somebody was given: joining a firm, or choosing a new password. */
export function JoinPage() {
  const { token = '' } = useParams();
  const link = useQuery(linkQuery(token));
  const enter = useEnter('/');
  const navigate = useNavigate();
  const using = useWrite(
    'use-link',
    ({ password, code }: Record<'password' | 'code', string>) =>
      applyLink(token, { password, ...(code && { code }) }),
    { isToldHere: true },
  );
  const goOn = (isSignedIn: boolean) => (isSignedIn ? enter() : navigate('/sign-in'));
  return (
    <Door>
      {link.isPending && <p role="status">The link is looked at…</p>}
      {link.error && (
        <>
          <Alert
            type="error"
            showIcon
            title="This link does not work"
            description="It was used already, is too old, or there is a newer one. Ask the owner of your firm for another."
          />
          <p>
            <Link to="/sign-in">Sign in</Link>
          </p>
        </>
      )}
      {link.data && (
        <>
          <h2>{titleOf(link.data)}</h2>
          <p className={pageStyles['soft']}>
            {link.data.name}. {explain(link.data)}
          </p>
          <DoorForm
            fields={[
              {
                ...{ name: 'password', label: 'Password', isSecret: true },
                isNew: !link.data.hasPassword,
                autoComplete: link.data.hasPassword ? 'current-password' : 'new-password',
              },
              ...(link.data.wantsCode ? [CODE] : []),
            ]}
            button={link.data.kind === 'invite' ? 'Join' : 'Set the password'}
            entering={using}
            onDone={async ({ isSignedIn }) => goOn(isSignedIn)}
          />
        </>
      )}
    </Door>
  );
}
