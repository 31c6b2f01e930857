import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import styled from 'styled-components';
import { api, body, type Schemas } from '../api/client';
import { stageWords } from '../course/words';
import { Button, LinkButton, Select } from '../design/Controls';
import { colour, sizes } from '../design/tokens';
import { Labelled } from './Labelled';
import { formatMessage } from '../words/intl';

type Period = Schemas['PeriodView'];
type Lesson = Schemas['LessonView'];

/** What happened in a period, in at most three presses. The course flows on from it. */
export function LessonLog({ schoolClass, period, lessons }: { schoolClass: string; period: Period; lessons: Lesson[] }) {
  const queries = useQueryClient();
  const [stopping, setStopping] = useState(false);
  const path = { schoolClass };
  const log = useMutation({
    mutationFn: (request: Omit<Schemas['LogRequest'], 'period'>) =>
      body(api.POST('/api/courses/{schoolClass}/log', { params: { path }, body: { ...request, period: period.key } })),
    onSuccess: () => {
      setStopping(false);
      return queries.invalidateQueries();
    },
  });
  const unlog = useMutation({
    mutationFn: () => body(api.DELETE('/api/courses/{schoolClass}/log/{period}', { params: { path: { ...path, period: period.key } } })),
    onSuccess: () => queries.invalidateQueries(),
  });
  const stages = lessons.flatMap((l) => l.stages.map((s) => ({ id: `${l.id} ${s.id}`, name: lessons.length > 1 ? `${l.title}: ${stageWords(s)}` : stageWords(s) })));
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
      <Hint>{formatMessage({ id: 'today.log.help' })}</Hint>
    </Labelled>
  );
}

const Hint = styled.span`font-size: ${sizes.small}; color: ${colour.muted}; align-self: center;`;
