import { dayOf, parseDateTime } from '@water-clock/core/civil-time';
import type { Plan } from '@water-clock/core/settings';
import { Button } from 'antd';
import { useState } from 'react';
import type { PracticeState } from '../api/practice';
import { Reasoning } from '../diagnosis/reasoning';
import { useStory } from '../diagnosis/use-story';
import pageStyles from '../ui/page.module.css';

interface ThinkItThroughProps {
  /** The case, by its place. */
  readonly name: string;
  /** What the copy at the door says. */
  readonly copy: Plan;
  readonly state: PracticeState;
}

/** What the householder tells, put on a week as at a home of one's own: causes are tried on the last copy. */
export function ThinkItThrough(props: ThinkItThroughProps) {
  const [isOpen, setOpen] = useState(false);
  return (
    <section aria-label="Something is wrong">
      <p className={pageStyles['way']}>
        <Button aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
          {isOpen ? 'Put the week away' : 'Put it on a week, and see what would explain it'}
        </Button>
      </p>
      {isOpen && <Thinking {...props} />}
    </section>
  );
}

function Thinking({ name, copy, state }: ThinkItThroughProps) {
  const now = () => parseDateTime(state.trueTime)!;
  const [openedAt] = useState(now);
  const { story, edit } = useStory(`practice ${name}`, dayOf(openedAt));
  const [shown, setShown] = useState(0);
  return (
    <Reasoning
      timer={null}
      plan={copy}
      heard={{ story, edit }}
      {...{ now, openedAt, shown }}
      onShow={setShown}
    >
      Tried on the last copy, as it hangs on the inside of the door.
    </Reasoning>
  );
}
