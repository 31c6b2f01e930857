import { Link } from 'react-router';
import styled from 'styled-components';
import type { Schemas } from '../api/client';
import { Small } from '../design/Text';
import { levelGreys, sizes, space } from '../design/tokens';
import { ScannerButton } from '../returns/intake/ScannerButton';
import { causeWords } from '../words/words';
import { NextFile, NextLink } from './plates';
import { count, said, say } from '../words/say';

type Run = Schemas['TodayRunView'];

/** More than so many are not forgotten pages but a pile still to come. */
const MOST_NAMES = 8;

/** A goal's name, with its exercise where the sheet asks the same of several. */
function named({ exercise, label }: { exercise: string; label: string }) {
  return exercise ? `${label.toLowerCase()}, ${exercise.toLowerCase()}` : label.toLowerCase();
}

function redone({ exercise, label, field }: Run['redos'][number]) {
  return field ? say('today.box', { more: exercise ? `${exercise.toLowerCase()}, ` : '', field }) : named({ exercise, label });
}

/** The sheet that was printed last: how far it has come back, what most missed, who does what again. */
export function RunStanding({ run }: { run: Run }) {
  const { printed, read, confirmed, waiting, unreadable } = run.progress;
  return (
    <div>
      <Small>{say('today.last-sheet-out', { title: run.title })}</Small>
      <Track role="img" aria-label={say('today.printed-read-confirmed', { printed, read, confirmed })} $read={read / printed} $confirmed={confirmed / printed} />
      <Figures>
        <span>{say('today.printed', { printed })}</span>
        <span>{say('today.back', { read })}</span>
        <span>{say('today.confirmed', { confirmed })}</span>
        {waiting > 0 && <span>{say('today.being-read', { waiting })}</span>}
        {unreadable > 0 && <span>{say('today.unreadable', { unreadable })}</span>}
      </Figures>
      {run.fault && (
        <Fault>
          {said('today.commonest-miss-show', {
            fault: named(run.fault),
            strong: (words) => <b>{words}</b>,
            students: count(run.fault.students, 'student'),
            cause: causeWords(run.fault.cause),
            next: run.fault.cause.next,
          })}
        </Fault>
      )}
      {run.missing.length > 0 && (
        <Redo>
          <b>{say('today.not-back')}</b>{' '}
          {run.missing.length > MOST_NAMES
            ? count(run.missing.length, 'student')
            : run.missing.map((m, i) => (
                <span key={m.student}>
                  {i > 0 && ', '}
                  <Link to={`/students/${m.student}`}>{m.name}</Link>
                </span>
              ))}
        </Redo>
      )}
      {run.redos.length > 0 && (
        <Redo>
          <b>{say('today.redo-a-box')}</b>{' '}
          {run.redos.map((r, i) => (
            <span key={r.student}>
              {i > 0 && ', '}
              <Link to={`/students/${r.student}`}>{r.name}</Link>
              {` (${redone(r)})`}
            </span>
          ))}
          . <Link to={`/wall/${run.id}/redo`}>{say('today.redo-pages')}</Link>
        </Redo>
      )}
    </div>
  );
}

/** The one thing to do next with a run. */
export function NextStep({ name, run, isDemo }: { name: string; run: Run; isDemo: boolean }) {
  const { printed, read, confirmed } = run.progress;
  if (read === 0) {
    return (
      <>
        <NextFile href={`/api/sheets/runs/${run.id}/pages.pdf`} target="_blank" rel="noreferrer">
          {say('today.print', { sheets: count(printed, 'sheet') })}
        </NextFile>
        {isDemo ? <ScannerButton className={name} /> : <Link to={`/returns/${run.id}`}>{say('today.bring-sheets-back')}</Link>}
      </>
    );
  }
  if (confirmed < read) {
    return (
      <>
        <NextLink to={`/returns/${run.id}`}>{say('today.confirm', { sheets: count(read - confirmed, 'sheet') })}</NextLink>
        <Link to={`/wall/${run.id}`}>{say('today.wall')}</Link>
      </>
    );
  }
  return (
    <>
      <NextLink to={`/wall/${run.id}`}>{say('today.look-at-the-wall')}</NextLink>
      <Link to="/sheets">{say('today.make-the-next-sheet')}</Link>
    </>
  );
}

const Track = styled.div<{ $read: number; $confirmed: number }>`
  height: 10px;
  margin: ${space(2)} 0 ${space(1)};
  border: 1px solid ${levelGreys[2]};
  background: linear-gradient(
    to right,
    ${levelGreys[4]} ${(p) => p.$confirmed * 100}%,
    ${levelGreys[2]} ${(p) => p.$confirmed * 100}% ${(p) => p.$read * 100}%,
    ${levelGreys[0]} ${(p) => p.$read * 100}%
  );
`;
const Figures = styled.p`display: flex; flex-wrap: wrap; gap: 0 ${space(4)}; font-size: ${sizes.small};`;
const Fault = styled.p`margin-top: ${space(2)};`;
const Redo = styled.p`margin-top: ${space(2)};`;
