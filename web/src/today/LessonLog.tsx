import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import styled from 'styled-components';
import { served } from '../api/served';
import { api, body, type Schemas } from '../api/client';
import { stagesNamed, stageWords } from '../course/words';
import { Button, LinkButton, Select, Words } from '../design/Controls';
import { Tick } from '../design/Tick';
import { colour, sizes, space } from '../design/tokens';
import { Labelled } from './Labelled';
import { formatMessage } from '../words/intl';

type Period = Schemas['PeriodView'];
type Lesson = Schemas['LessonView'];

/** What happened in a period, in at most three presses. The course flows on from it. */
export function LessonLog({ schoolClass, period, lessons }: { schoolClass: string; period: Period; lessons: Lesson[] }) {
  const queries = useQueryClient();
  const [stopping, setStopping] = useState(false);
  const [absent, setAbsent] = useState<readonly string[]>(period.absent);
  const [note, setNote] = useState(period.note);
  const [noting, setNoting] = useState(false);
  const classes = useQuery(served.classes);
  const students = classes.data?.find((c) => c.id === schoolClass)?.students ?? [];
  const away = students.filter((s) => absent.includes(s.id)).map((s) => s.name);
  const path = { schoolClass };
  const log = useMutation({
    mutationFn: (request: Omit<Schemas['LogRequest'], 'period' | 'absent' | 'note'>) =>
      body(api.POST('/api/courses/{schoolClass}/log', { params: { path }, body: { ...request, period: period.key, absent: [...absent], note } })),
    onSuccess: () => {
      setStopping(false);
      return queries.invalidateQueries();
    },
  });
  const unlog = useMutation({
    mutationFn: () => body(api.DELETE('/api/courses/{schoolClass}/log/{period}', { params: { path: { ...path, period: period.key } } })),
    onSuccess: () => queries.invalidateQueries(),
  });
  const stages = lessons.flatMap((l) =>
    stagesNamed(l.stages).map(({ stage, words }) => ({ id: `${l.id} ${stage.id}`, name: lessons.length > 1 ? `${l.title}: ${words}` : words })),
  );
  const error = log.error ?? unlog.error;
  if (period.logged) {
    const last = period.pieces.at(-1);
    const stage = lessons.find((l) => l.id === last?.lesson)?.stages.find((s) => s.id === last?.stages.at(-1)?.id);
    return (
      <Labelled label={formatMessage({ id: 'today.log.open' })} group={formatMessage({ id: 'today.log.label' })}>
        <span>
          {last === undefined
            ? formatMessage({ id: 'today.log.didNotHappenShort' })
            : last.goesOn && stage
              ? formatMessage({ id: 'today.log.stoppedAfter' }, { stage: stageWords(stage) })
              : formatMessage({ id: 'today.log.doneShort' })}
        </span>
        {away.length > 0 && <span>{formatMessage({ id: 'today.log.absentNames' }, { names: away.join(', ') })}</span>}
        {period.note && <span>“{period.note}”</span>}
        <LinkButton isDisabled={unlog.isPending} onPress={() => unlog.mutate()}>
          {formatMessage({ id: 'today.lesson.change' })}
        </LinkButton>
        {error && <span role="alert">▲ {error.message}</span>}
      </Labelled>
    );
  }
  return (
    <Labelled label={formatMessage({ id: 'today.log.open' })} group={formatMessage({ id: 'today.log.label' })}>
      <Button isDisabled={log.isPending} onPress={() => log.mutate({ outcome: 'DONE' })}>
        {formatMessage({ id: 'today.log.done' })}
      </Button>
      {stopping ? (
        <Select
          label={formatMessage({ id: 'today.log.stoppedAfterLabel' })}
          value={null}
          placeholder={formatMessage({ id: 'today.log.stage' })}
          onChange={(id) => {
            const [lesson = '', stage = ''] = id.split(' ');
            log.mutate({ outcome: 'STOPPED', lesson, stage });
          }}
          choices={stages}
        />
      ) : (
        <Button isDisabled={log.isPending || stages.length === 0} onPress={() => setStopping(true)}>
          {formatMessage({ id: 'today.log.stoppedAfterChoose' })}
        </Button>
      )}
      <Button isDisabled={log.isPending} onPress={() => log.mutate({ outcome: 'DID_NOT_HAPPEN' })}>
        {formatMessage({ id: 'today.log.didNotHappen' })}
      </Button>
      {error && <span role="alert">▲ {error.message}</span>}
      <LinkButton onPress={() => setNoting(!noting)} aria-expanded={noting}>
        {formatMessage({ id: 'today.log.absent' }, { count: away.length })}
      </LinkButton>
      {noting && (
        <Noting>
          <Absent role="group" aria-label={formatMessage({ id: 'today.log.whoWasAbsent' })}>
            {students.map((s) => (
              <Tick
                key={s.id}
                label={s.name}
                isOn={absent.includes(s.id)}
                onChange={() => setAbsent(absent.includes(s.id) ? absent.filter((id) => id !== s.id) : [...absent, s.id])}
              >
                {s.name}
              </Tick>
            ))}
          </Absent>
          <Words label={formatMessage({ id: 'today.log.note' })} value={note} onChange={setNote} rows={2} />
        </Noting>
      )}
      <Hint>{formatMessage({ id: 'today.log.help' })}</Hint>
    </Labelled>
  );
}

const Noting = styled.div`flex-basis: 100%; display: grid; gap: ${space(3)}; padding: ${space(3)}; background: ${colour.wash};`;
const Absent = styled.div`columns: 3 150px;`;
const Hint = styled.span`font-size: ${sizes.small}; color: ${colour.muted}; align-self: center;`;
