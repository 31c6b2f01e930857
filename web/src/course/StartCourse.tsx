import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { Link } from 'react-router';
import styled from 'styled-components';
import { api, body } from '../api/client';
import { Button, MainButton, Select } from '../design/Controls';
import { Tick } from '../design/Tick';
import { Small } from '../design/Text';
import { space } from '../design/tokens';
import { useMaterials } from './useMaterials';
import type { CourseChanges } from './useCourse';
import type { Lane } from './words';
import { count, formatMessage } from '../words/intl';

interface Props {
  lane: Lane;
  /** Courses of other classes, to be copied. */
  others: readonly Lane[];
  course: CourseChanges;
  today: string;
  onDone: () => void;
}

/** Lessons to begin with, fitted to the class's pencils and paper. */
export function StartCourse({ lane, others, today, course, onDone }: Props) {
  const outlines = useQuery({ queryKey: ['outlines'], queryFn: () => body(api.GET('/api/courses/outlines')) });
  const { copy } = course;
  const { materials, choices } = useMaterials(lane);
  const [what, setWhat] = useState<string>();
  // A term that has begun already has free periods in the past: nothing new is taught in them.
  const [fromToday, setFromToday] = useState(true);
  const hasBegun = lane.term !== undefined && lane.term.from < today;
  const past = useQuery({ queryKey: ['courses', 'past'], queryFn: () => body(api.GET('/api/courses/past')) });
  const courses = [...others.map((o) => ({ schoolClass: o.schoolClass, name: o.name, lessons: o.lessons.length })), ...(past.data ?? [])];
  const copied = courses.find((o) => o.schoolClass === what);
  const [ownMaterials, setOwnMaterials] = useState(true);
  const outline = copied ? undefined : (outlines.data?.find((o) => o.id === what) ?? outlines.data?.[0]);
  const start = hasBegun && fromToday ? { from: today } : {};
  if (copy.data) {
    return (
      <Form aria-label={formatMessage({ id: 'course.start' })}>
        <h2>{formatMessage({ id: 'course.copy.done' }, { name: lane.name })}</h2>
        <ul>
          {copy.data.changes.map((words) => (
            <li key={words}>{words}</li>
          ))}
        </ul>
        <Row>
          <MainButton
            onPress={() => {
              copy.reset();
              onDone();
            }}
          >
            {formatMessage({ id: 'course.copy.look' })}
          </MainButton>
        </Row>
      </Form>
    );
  }
  return (
    <Form aria-label={formatMessage({ id: 'course.start' })}>
      <h2>{formatMessage({ id: 'course.outlines.for' }, { name: lane.name })}</h2>
      {!lane.term && <p>{formatMessage({ id: 'course.noTerm' }, { name: lane.name, link: (words) => <Link to={`/classes/${lane.schoolClass}`}>{words}</Link> })}</p>}
      <Row>
        <Select
          label={formatMessage({ id: 'course.outline' })}
          value={copied?.schoolClass ?? outline?.id ?? null}
          onChange={setWhat}
          choices={[
            ...(outlines.data ?? []).map((o) => ({ id: o.id, name: o.title, note: count(o.lessons, 'lesson') })),
            ...courses.map((o) => ({ id: o.schoolClass, name: formatMessage({ id: 'course.copy.of' }, { name: o.name }), note: count(o.lessons, 'lesson') })),
          ]}
        />
        {!(copied && ownMaterials) && choices}
      </Row>
      {outline && <p>{outline.about}</p>}
      {copied && (
        <Tick label={formatMessage({ id: 'course.copy.sameMaterials' })} isOn={ownMaterials} onChange={() => setOwnMaterials(!ownMaterials)}>
          {formatMessage({ id: 'course.copy.sameMaterials' })}
        </Tick>
      )}
      {hasBegun && (
        <Tick label={formatMessage({ id: 'course.outlines.fromToday' })} isOn={fromToday} onChange={() => setFromToday(!fromToday)}>
          {formatMessage({ id: 'course.outlines.fromToday' })}
        </Tick>
      )}
      <Row>
        <MainButton
          isDisabled={!(outline ?? copied) || !materials || course.busy}
          onPress={() => {
            if (copied) {
              copy.mutate({ lane, of: copied.schoolClass, ...(ownMaterials ? {} : materials), ...start }, { onSuccess: ({ changes }) => changes.length === 0 && onDone() });
            } else if (outline && materials) {
              course.start.mutate({ lane, outline: outline.id, ...materials, ...start }, { onSuccess: onDone });
            }
          }}
        >
          {course.start.isPending || copy.isPending ? formatMessage({ id: 'course.outlines.planning' }) : formatMessage({ id: 'course.outlines.add' })}
        </MainButton>
        <FileTrigger
          acceptedFileTypes={['application/json', '.json']}
          onSelect={(files) => {
            const [file] = Array.from(files ?? []);
            void file?.text().then((text) => materials && course.take.mutate({ lane, text, ...materials, ...start }, { onSuccess: onDone }));
          }}
        >
          <Button isDisabled={!materials || course.busy}>{formatMessage({ id: 'course.outlines.import' })}</Button>
        </FileTrigger>
        <Button onPress={onDone}>{formatMessage({ id: 'course.back' })}</Button>
      </Row>
      <Small>{formatMessage({ id: 'course.outlines.help' })}</Small>
    </Form>
  );
}

export const Form = styled.section`display: flex; flex-direction: column; gap: ${space(3)}; padding: ${space(4)} ${space(6)}; max-width: 860px;`;
export const Row = styled.div`display: flex; flex-wrap: wrap; gap: ${space(4)}; align-items: flex-end; & > div { min-width: 190px; }`;
