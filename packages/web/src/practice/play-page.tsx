import { parseDateTime } from '@water-clock/core/civil-time';
import { caseOf, LESSONS, type Played, type PracticeCase } from '@water-clock/core/practice';
import { dateAndTime } from '@water-clock/core/words';
import { App, Button, Segmented, Skeleton } from 'antd';
import { useMemo, useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import type { Judgement, PracticeState } from '../api/practice';
import { SettingsSheet } from '../copies/settings-sheet';
import { useSay } from '../session/use-signed-in';
import { ByHand } from '../simulator/by-hand';
import { FrontPanel } from '../simulator/front-panel';
import { NotFound } from '../ui/not-found';
import { Page } from '../ui/page';
import { Bench } from './bench';
import { Judged } from './judged';
import { playedAt, playPlace } from './play-place';
import { ThinkItThrough } from './think-it-through';
import { useBeginPractice, useJudge, usePractice } from './use-practice';
import pageStyles from '../ui/page.module.css';
import styles from './practice.module.css';

/** A case that is played: the story, the copy, the front, the yard and the meter; and what came of it. */
export function PlayPage() {
  const { lesson = '' } = useParams();
  const [search] = useSearchParams();
  const played = playedAt(lesson, search);
  if (!played) return <NotFound what="case" />;
  return <Play key={playPlace(played)} played={played} />;
}

function Play({ played }: { played: Played }) {
  const { begin, isBeginning } = useBeginPractice();
  const practice = usePractice();
  const [judgement, setJudgement] = useState<Judgement | null>(null);
  const of = useMemo(() => caseOf(played), [played]);
  const { state } = practice;
  const start = async () => {
    if (await begin(played)) setJudgement(null);
  };
  // A case that goes on is found again after a reload.
  const isBegun = state && playPlace(state.playing) === playPlace(played);
  const lesson = LESSONS.find(({ code }) => code === played.lesson);
  const title = lesson?.title ?? `Case ${played.seed}`;
  return (
    <Page title={title} crumbs={[{ to: '/practice', name: 'Practice' }]}>
      {lesson && <p className={pageStyles['soft']}>{lesson.teaches}</p>}
      {judgement ? (
        <Judged {...{ judgement, of, played }} onAgain={() => void start()} />
      ) : isBegun ? (
        <Playing
          {...{ of, practice, state }}
          name={playPlace(played)}
          onJudged={setJudgement}
          onStartOver={() => void start()}
        />
      ) : state === undefined ? (
        <Skeleton active />
      ) : (
        <section className={pageStyles['sheet']} aria-labelledby="begin">
          <h2 id="begin">The telephone rings</h2>
          <p className={styles['story']}>&ldquo;{of.story}&rdquo;</p>
          {state && <p>Another case goes on: it ends where this one begins.</p>}
          <Button type="primary" loading={isBeginning} onClick={() => void start()}>
            Drive there
          </Button>
        </section>
      )}
    </Page>
  );
}

interface PlayingProps {
  /** The case, by its place. */
  readonly name: string;
  readonly of: PracticeCase;
  readonly practice: ReturnType<typeof usePractice>;
  readonly state: PracticeState;
  readonly onJudged: (judgement: Judgement) => void;
  readonly onStartOver: () => void;
}

function Playing({ name, of, practice, state, onJudged, onStartOver }: PlayingProps) {
  const atDoor = of.goal === 'as-copy' ? of.copy : of.inTimer;
  const judging = useJudge();
  const navigate = useNavigate();
  const { modal } = App.useApp();
  const end = async () => {
    const done = await judging.write();
    if (done) onJudged(done.answer);
  };
  const leave = () =>
    void modal.confirm({
      title: 'Leave this case?',
      content: 'What was done at the simulated timer is not judged.',
      okText: 'Leave it',
      onOk: () => navigate('/practice'),
    });
  return (
    <div className={styles['play']}>
      <div className={styles['column']}>
        <section className={pageStyles['sheet']} aria-labelledby="story">
          <h2 id="story">The householder tells</h2>
          <p className={styles['story']}>&ldquo;{of.story}&rdquo;</p>
          <TrueTime
            state={state}
            speed={(speed) => void practice.command({ command: 'clock', speed })}
          />
        </section>
        <FrontPanel state={state} simulated={practice} stations={of.copy.stations} />
        <ByHand state={state} simulated={practice} plan={of.copy} />
      </div>
      <div className={styles['column']}>
        <section className={pageStyles['sheet']} aria-labelledby="done">
          <h2 id="done">When it is put right</h2>
          <p>
            It is judged over the next 60 days: what waters, what collides, what was changed without
            need.
          </p>
          <div className={styles['row']}>
            <Button type="primary" loading={judging.isWriting} onClick={() => void end()}>
              It is put right
            </Button>
            <Button onClick={onStartOver}>Begin again</Button>
            <Button onClick={leave}>Leave…</Button>
          </div>
        </section>
        <Bench {...{ of, state }} command={practice.command} />
        <section className={pageStyles['sheet']} aria-labelledby="copy">
          <h2 id="copy">The last copy, on the inside of the door</h2>
          <SettingsSheet plan={atDoor} />
        </section>
      </div>
      <div className={styles['whole']}>
        <ThinkItThrough {...{ name, state }} copy={atDoor} />
      </div>
    </div>
  );
}

const SPEEDS = [1, 60, 3600];

interface TrueTimeProps {
  readonly state: PracticeState;
  readonly speed: (speed: number) => void;
}

function TrueTime({ state, speed }: TrueTimeProps) {
  const say = useSay();
  return (
    <div className={styles['row']}>
      <span>
        Your watch: <strong>{say(dateAndTime(parseDateTime(state.trueTime)!))}</strong>
      </span>
      <Segmented<number>
        aria-label="How fast time goes"
        size="small"
        value={state.speed}
        options={SPEEDS.map((value) => ({ value, label: `${value}×` }))}
        onChange={speed}
      />
    </div>
  );
}
