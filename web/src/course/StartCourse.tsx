import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { Link } from 'react-router';
import styled from 'styled-components';
import { served } from '../api/served';
import { api, body } from '../api/client';
import { Button, MainButton, Select } from '../design/Controls';
import { Tick } from '../design/Tick';
import { Small } from '../design/Text';
import { space } from '../design/tokens';
import type { CourseChanges } from './useCourse';
import type { Lane } from './words';
import { count, formatMessage } from '../words/intl';

const ALL = 'all';

interface Props {
  lane: Lane;
  course: CourseChanges;
  today: string;
  /** Where a new lesson goes, from 0; undefined for a whole outline. */
  at?: number | undefined;
  /** The exercise to suggest for it. */
  kind?: string | undefined;
  onDone: () => void;
}

/** Lessons to begin with, or one to put between, fitted to the class's pencils and paper. */
export function StartCourse({ lane, today, course, at, kind, onDone }: Props) {
  const kit = useQuery(served.kit);
  const outlines = useQuery({ queryKey: ['outlines'], queryFn: () => body(api.GET('/api/courses/outlines')) });
  const kinds = useQuery(served.kinds);
  const own = kit.data?.sets.find((s) => s.users.some((u) => u.schoolClass === lane.schoolClass));
  const [set, setSet] = useState<string>();
  const [paper, setPaper] = useState<string>();
  const [what, setWhat] = useState<string | undefined>(kind);
  // A term that has begun already has free periods in the past: nothing new is taught in them.
  const [fromToday, setFromToday] = useState(true);
  const hasBegun = lane.term !== undefined && lane.term.from < today;
  const papers = kit.data?.papers ?? [];
  const chosenSet = set ?? own?.id ?? ALL;
  const chosenPaper = paper ?? (papers.find((p) => p.tooth === 1) ?? papers[0])?.id;
  const inserting = at !== undefined;
  const choices = inserting
    ? (kinds.data ?? []).map((k) => ({ id: k.id, name: k.name }))
    : (outlines.data ?? []).map((o) => ({ id: o.id, name: o.title, note: count(o.lessons, 'lesson') }));
  const chosen = what ?? choices[0]?.id;
  const about = inserting ? kinds.data?.find((k) => k.id === chosen)?.teaches : outlines.data?.find((o) => o.id === chosen)?.about;
  const materials = { ...(chosenSet === ALL ? {} : { set: chosenSet }), paper: chosenPaper ?? '' };
  const start = hasBegun && fromToday ? { from: today } : {};
  const go = () => {
    if (!chosen) {
      return;
    }
    if (inserting) {
      course.insert.mutate({ lane, kind: chosen, at, ...materials }, { onSuccess: onDone });
    } else {
      course.start.mutate({ lane, outline: chosen, ...materials, ...start }, { onSuccess: onDone });
    }
  };
  return (
    <Sheet aria-label={inserting ? formatMessage({ id: 'course.newLesson' }) : formatMessage({ id: 'course.start' })}>
      <h2>
        {inserting ? formatMessage({ id: 'course.lesson.newBefore' }, { number: at + 1, name: lane.name }) : formatMessage({ id: 'course.outlines.for' }, { name: lane.name })}
      </h2>
      {!lane.term && <p>{formatMessage({ id: 'course.noTerm' }, { name: lane.name, link: (words) => <Link to={`/classes/${lane.schoolClass}`}>{words}</Link> })}</p>}
      <Row>
        <Select
          label={inserting ? formatMessage({ id: 'course.exercise' }) : formatMessage({ id: 'course.outline' })}
          value={chosen ?? null}
          onChange={setWhat}
          choices={choices}
        />
        <Select
          label={formatMessage({ id: 'course.pencils.set' })}
          value={chosenSet}
          onChange={setSet}
          choices={[{ id: ALL, name: formatMessage({ id: 'course.pencils.wholeKit' }) }, ...(kit.data?.sets ?? []).map((s) => ({ id: s.id, name: s.name }))]}
        />
        <Select label={formatMessage({ id: 'course.paper' })} value={chosenPaper ?? null} onChange={setPaper} choices={papers.map((p) => ({ id: p.id, name: p.name }))} />
      </Row>
      {about && <p>{about}</p>}
      {!inserting && hasBegun && (
        <Tick label={formatMessage({ id: 'course.outlines.fromToday' })} isOn={fromToday} onChange={() => setFromToday(!fromToday)}>
          {formatMessage({ id: 'course.outlines.fromToday' })}
        </Tick>
      )}
      <Row>
        <MainButton isDisabled={!chosen || !chosenPaper || course.busy} onPress={go}>
          {course.start.isPending || course.insert.isPending
            ? formatMessage({ id: 'course.outlines.planning' })
            : inserting
              ? formatMessage({ id: 'course.lesson.insert' })
              : formatMessage({ id: 'course.outlines.add' })}
        </MainButton>
        {!inserting && (
          <FileTrigger
            acceptedFileTypes={['application/json', '.json']}
            onSelect={(files) => {
              const [file] = Array.from(files ?? []);
              void file?.text().then((text) => course.take.mutate({ lane, text, ...materials, ...start }, { onSuccess: onDone }));
            }}
          >
            <Button isDisabled={!chosenPaper || course.busy}>{formatMessage({ id: 'course.outlines.import' })}</Button>
          </FileTrigger>
        )}
        <Button onPress={onDone}>{formatMessage({ id: 'course.back' })}</Button>
      </Row>
      <Small>{formatMessage({ id: 'course.outlines.help' })}</Small>
    </Sheet>
  );
}

const Sheet = styled.section`display: flex; flex-direction: column; gap: ${space(3)}; padding: ${space(4)} ${space(6)}; max-width: 860px;`;
const Row = styled.div`display: flex; flex-wrap: wrap; gap: ${space(4)}; align-items: flex-end; & > div { min-width: 190px; }`;
