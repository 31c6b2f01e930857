import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { Link } from 'react-router';
import styled from 'styled-components';
import { served } from '../api/served';
import { api, body } from '../api/client';
import { Button, MainButton, Select } from '../design/Controls';
import { Small } from '../design/Text';
import { space } from '../design/tokens';
import type { CourseChanges } from './useCourse';
import type { Lane } from './words';
import { count, said, say } from '../words/say';

const ALL = 'all';

interface Props {
  lane: Lane;
  course: CourseChanges;
  /** Where a new lesson goes, from 0; undefined for a whole outline. */
  at?: number | undefined;
  /** The exercise to suggest for it. */
  kind?: string | undefined;
  onDone: () => void;
}

/** Lessons to begin with, or one to put between, fitted to the class's pencils and paper. */
export function StartCourse({ lane, course, at, kind, onDone }: Props) {
  const kit = useQuery(served.kit);
  const outlines = useQuery({ queryKey: ['outlines'], queryFn: () => body(api.GET('/api/courses/outlines')) });
  const kinds = useQuery(served.kinds);
  const own = kit.data?.sets.find((s) => s.users.some((u) => u.schoolClass === lane.schoolClass));
  const [set, setSet] = useState<string>();
  const [paper, setPaper] = useState<string>();
  const [what, setWhat] = useState<string | undefined>(kind);
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
  const go = () => {
    if (!chosen) {
      return;
    }
    if (inserting) {
      course.insert.mutate({ lane, kind: chosen, at, ...materials }, { onSuccess: onDone });
    } else {
      course.start.mutate({ lane, outline: chosen, ...materials }, { onSuccess: onDone });
    }
  };
  return (
    <Sheet aria-label={inserting ? say('course.new-lesson') : say('course.start-a-course')}>
      <h2>{inserting ? say('course.new-lesson-before-lesson-of', { at: at + 1, name: lane.name }) : say('course.lessons-for', { name: lane.name })}</h2>
      {!lane.term && <p>{said('course.has-no-term-yet-so', { name: lane.name, link: (words) => <Link to={`/classes/${lane.schoolClass}`}>{words}</Link> })}</p>}
      <Row>
        <Select label={inserting ? say('course.exercise') : say('course.outline')} value={chosen ?? null} onChange={setWhat} choices={choices} />
        <Select
          label={say('course.pencils-at-hand')}
          value={chosenSet}
          onChange={setSet}
          choices={[{ id: ALL, name: say('course.whole-kit') }, ...(kit.data?.sets ?? []).map((s) => ({ id: s.id, name: s.name }))]}
        />
        <Select label={say('course.paper')} value={chosenPaper ?? null} onChange={setPaper} choices={papers.map((p) => ({ id: p.id, name: p.name }))} />
      </Row>
      {about && <p>{about}</p>}
      <Row>
        <MainButton isDisabled={!chosen || !chosenPaper || course.busy} onPress={go}>
          {course.start.isPending || course.insert.isPending ? say('course.planning-the-sheets') : inserting ? say('course.insert-it') : say('course.add-these-lessons')}
        </MainButton>
        {!inserting && (
          <FileTrigger
            acceptedFileTypes={['application/json', '.json']}
            onSelect={(files) => {
              const [file] = Array.from(files ?? []);
              void file?.text().then((text) => course.take.mutate({ lane, text, ...materials }, { onSuccess: onDone }));
            }}
          >
            <Button isDisabled={!chosenPaper || course.busy}>{say('course.from-an-outline-file')}</Button>
          </FileTrigger>
        )}
        <Button onPress={onDone}>{say('course.back')}</Button>
      </Row>
      <Small>{say('course.sheets-are-planned-with-the')}</Small>
    </Sheet>
  );
}

const Sheet = styled.section`display: flex; flex-direction: column; gap: ${space(3)}; padding: ${space(4)} ${space(6)}; max-width: 860px;`;
const Row = styled.div`display: flex; flex-wrap: wrap; gap: ${space(4)}; align-items: flex-end; & > div { min-width: 190px; }`;
