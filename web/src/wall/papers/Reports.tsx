import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { api, body, type Schemas } from '../../api/client';
import { save } from '../../api/save';
import { MainButton, Toggle, Words } from '../../design/Controls';
import { Place } from '../../design/Place';
import { Empty, Failed, Loading, Notice } from '../../design/States';
import { useDraft } from '../../design/useDraft';
import { Tick, useLeftOut } from '../../design/Tick';
import { colour, sizes, space } from '../../design/tokens';
import { pictureOf } from '../../returns/pictures';
import { dayOf } from '../../words/words';
import { formatMessage } from '../../words/intl';

type Draft = Schemas['ReportDraftView'];
type Parts = Pick<Draft, 'secure' | 'grew' | 'next'>;

const parts = [
  { id: 'secure', name: formatMessage({ id: 'wall.report.strengths' }) },
  { id: 'grew', name: formatMessage({ id: 'wall.report.growth' }) },
  { id: 'next', name: formatMessage({ id: 'wall.report.next' }) },
] as const;

/** A page for each student's family: proposed words, changed as the teacher likes, then printed. */
export default function Reports() {
  const { id = '' } = useParams();
  const only = useSearchParams()[0].get('student');
  const drafts = useQuery({
    queryKey: ['wall', 'reports', id],
    queryFn: () => body(api.GET('/api/progress/classes/{id}/reports', { params: { path: { id } } })),
    // what a teacher has changed is not to be swept away by looking elsewhere
    staleTime: Infinity,
  });
  if (drafts.isError) {
    return <Failed error={drafts.error} />;
  }
  if (!drafts.data) {
    return <Loading what={formatMessage({ id: 'wall.loading.reports' })} />;
  }
  return <Desk id={id} drafts={only ? drafts.data.filter((d) => d.student === only) : drafts.data} />;
}

function Desk({ id, drafts }: { id: string; drafts: Draft[] }) {
  const [changed, setChanged] = useDraft<Record<string, Partial<Parts>>>(`reports/${id}`, () => ({}));
  const { out, toggle } = useLeftOut();
  const [named, setNamed] = useState(true);
  const wordsOf = (d: Draft): Parts => ({ secure: d.secure, grew: d.grew, next: d.next, ...changed[d.student] });
  const chosen = drafts.filter((d) => !out.has(d.student));
  const print = useMutation({
    mutationFn: async () => {
      const reports = chosen.map((d) => ({ student: d.student, ...wordsOf(d) }));
      const pdf = await body(api.POST('/api/progress/classes/{id}/reports.pdf', { params: { path: { id } }, body: { named, reports }, parseAs: 'blob' }));
      save(pdf, 'reports.pdf');
    },
  });
  return (
    <Place
      title={formatMessage({ id: 'wall.reports' })}
      about={formatMessage({ id: 'wall.report.help' }, { students: drafts.length })}
      actions={
        <>
          <a href={`/api/progress/classes/${id}/report.pdf`} target="_blank" rel="noreferrer">
            {formatMessage({ id: 'wall.report.classPage' })}
          </a>
          <Link to={`/wall/class/${id}`}>{formatMessage({ id: 'wall.backToWall' })}</Link>
          <Toggle isSelected={!named} onChange={(off) => setNamed(!off)}>
            {formatMessage({ id: 'wall.names.hide' })}
          </Toggle>
          <MainButton isDisabled={chosen.length === 0 || print.isPending} onPress={() => print.mutate()}>
            {print.isPending ? formatMessage({ id: 'wall.report.preparing' }) : formatMessage({ id: 'wall.print' }, { pages: chosen.length })}
          </MainButton>
        </>
      }
    >
      {print.error && <Notice role="alert">▲ {print.error.message}</Notice>}
      {drafts.length === 0 && (
        <Empty title={formatMessage({ id: 'wall.skills.empty' })}>
          <p>{formatMessage({ id: 'wall.report.empty' }, { link: (words) => <Link to="/returns">{words}</Link> })}</p>
        </Empty>
      )}
      <List>
        {drafts.map((d) => (
          <li key={d.student}>
            <Tick label={formatMessage({ id: 'wall.report.of' }, { name: d.name })} isOn={!out.has(d.student)} onChange={() => toggle(d.student)}>
              <b>{d.name}</b>
            </Tick>
            <Texts>
              {parts.map((part) => (
                <Words
                  key={part.id}
                  label={part.name}
                  rows={4}
                  value={wordsOf(d)[part.id]}
                  onChange={(words) => setChanged((before) => ({ ...before, [d.student]: { ...before[d.student], [part.id]: words } }))}
                />
              ))}
            </Texts>
            <Pair>
              {[d.first, d.latest].map(
                (seen) =>
                  seen && (
                    <figure key={seen.page}>
                      <img src={pictureOf(seen.page, seen.read, seen.field)} alt={`${d.name}, ${dayOf(seen.received)}`} loading="lazy" />
                      <figcaption>{dayOf(seen.received)}</figcaption>
                    </figure>
                  ),
              )}
            </Pair>
          </li>
        ))}
      </List>
    </Place>
  );
}

const List = styled.ul`
  margin: 0;
  padding: 0;
  list-style: none;
  & > li { display: grid; grid-template-columns: 150px minmax(0, 1fr) auto; gap: ${space(4)}; padding: ${space(3)} ${space(6)}; border-bottom: 1px solid ${colour.line}; }
  @media (max-width: 900px) { & > li { grid-template-columns: 1fr; } }
`;
const Texts = styled.div`display: grid; grid-template-columns: repeat(auto-fit, minmax(210px, 1fr)); gap: ${space(3)};`;
const Pair = styled.div`
  display: flex;
  gap: ${space(2)};
  & figure { margin: 0; }
  & img { display: block; height: 74px; max-width: 98px; object-fit: cover; }
  & figcaption { font-size: ${sizes.small}; color: ${colour.muted}; }
`;
