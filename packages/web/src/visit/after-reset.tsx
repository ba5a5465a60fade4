import { fromFactory, type Plan } from '@water-clock/core/settings';
import { App, Button } from 'antd';
import type { Timer } from '../api/timers';
import { useSaveCopy } from './use-save-copy';
import pageStyles from '../ui/page.module.css';

interface AfterResetProps {
  readonly timer: Timer;
  /** What is to be in the timer. */
  readonly target: Plan;
}

/** Key in from an empty timer: it is saved as found so, and what is off is not asked for. */
export function AfterReset({ timer, target }: AfterResetProps) {
  const { modal, message } = App.useApp();
  const saving = useSaveCopy(timer.id, 'as-found');
  const ask = () =>
    void modal.confirm({
      title: 'Begin from an empty timer?',
      content: (
        <>
          <p>
            <strong>A reset erases what is in it. Save an as-found copy first.</strong>
          </p>
          <p>{timer.handling.factoryReset || 'Nobody has written down how for this type.'}</p>
          <p>
            Once it is reset, it is saved as found, empty. Then only what is set is asked for, and
            nothing that is off. Remove the program that it came with first.
          </p>
        </>
      ),
      okText: 'It is reset: begin from empty',
      onOk: async () => {
        if (await saving.write({ document: fromFactory(target) }))
          void message.success('Saved as found: empty.');
      },
    });
  return (
    <p className={pageStyles['soft']}>
      Set it back to how it left the factory?{' '}
      <Button size="small" loading={saving.isWriting} onClick={ask}>
        Begin from an empty timer…
      </Button>
    </p>
  );
}
