import { Link } from 'react-router';
import styled from 'styled-components';
import type { Schemas } from '../api/client';
import { Small } from '../design/Text';
import { levelGreys, sizes, space } from '../design/tokens';
import { ScannerButton } from '../returns/intake/ScannerButton';
import { causeWords } from '../words/words';
import { NextFile, NextLink } from './plates';
import { count, formatMessage } from '../words/intl';

type Run = Schemas['TodayRunView'];

/** More than so many are not forgotten pages but a pile still to come. */
const MOST_NAMES = 8;

/** A goal's name, with its exercise where the sheet asks the same of several. */
function named({ exercise, label }: { exercise: string; label: string }) {
  return exercise ? `${label.toLowerCase()}, ${exercise.toLowerCase()}` : label.toLowerCase();
}

function redone({ exercise, label, field }: Run['redos'][number]) {
  return field ? formatMessage({ id: 'today.redo.box' }, { exercise: exercise ? `${exercise.toLowerCase()}, ` : '', box: field }) : named({ exercise, label });
}

/** The sheet that was printed last: how far it has come back, what most missed, who does what again. */
export function RunStanding({ run }: { run: Run }) {
  const { printed, read, confirmed, waiting, unreadable } = run.progress;
  return (
    <div>
      <Small>{formatMessage({ id: 'today.returned.lastSheet' }, { title: run.title })}</Small>
      <Track role="img" aria-label={formatMessage({ id: 'today.returned.summary' }, { printed, read, confirmed })} $read={read / printed} $confirmed={confirmed / printed} />
      <Figures>
        <span>{formatMessage({ id: 'today.returned.printed' }, { printed })}</span>
        <span>{formatMessage({ id: 'today.returned.read' }, { read })}</span>
        <span>{formatMessage({ id: 'today.returned.confirmed' }, { confirmed })}</span>
        {waiting > 0 && <span>{formatMessage({ id: 'today.returned.waiting' }, { waiting })}</span>}
        {unreadable > 0 && <span>{formatMessage({ id: 'today.returned.unreadableShort' }, { unreadable })}</span>}
      </Figures>
      {run.fault && (
        <Fault>
          {formatMessage(
            { id: 'today.returned.commonMistake' },
            {
              mistake: named(run.fault),
              strong: (words) => <b>{words}</b>,
              students: run.fault.students,
              cause: causeWords(run.fault.cause),
              advice: run.fault.cause.next,
            },
          )}
        </Fault>
      )}
      {run.missing.length > 0 && (
        <Redo>
          <b>{formatMessage({ id: 'today.returned.missing' })}</b>{' '}
          {run.missing.length > MOST_NAMES
            ? count(run.missing.length, 'student')
            : run.missing.map((m, i) => (
                <span key={m.student}>
                  {i > 0 && ', '}
                  <Link to={`/students/${m.student}`}>{m.name}</Link>
                  {m.absent && ` (${formatMessage({ id: 'today.returned.wasAbsent' })})`}
                </span>
              ))}
        </Redo>
      )}
      {run.redos.length > 0 && (
        <Redo>
          <b>{formatMessage({ id: 'today.redo.heading' }, { students: run.redos.length })}</b>{' '}
          {run.redos.slice(0, MOST_NAMES).map((r, i) => (
            <span key={r.student}>
              {i > 0 && ', '}
              <Link to={`/students/${r.student}`}>{r.name}</Link>
              {` (${redone(r)})`}
            </span>
          ))}
          {run.redos.length > MOST_NAMES && ` ${formatMessage({ id: 'today.redo.others' }, { others: run.redos.length - MOST_NAMES })}`}.{' '}
          <Link to={`/wall/${run.id}/redo`}>{formatMessage({ id: 'today.redo.sheets' })}</Link>
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
          {formatMessage({ id: 'today.print.sheets' }, { sheets: printed })}
        </NextFile>
        {isDemo ? <ScannerButton className={name} /> : <Link to={`/returns/${run.id}`}>{formatMessage({ id: 'today.returned.add' })}</Link>}
      </>
    );
  }
  if (confirmed < read) {
    return (
      <>
        <NextLink to={`/returns/${run.id}`}>{formatMessage({ id: 'today.returned.confirm' }, { sheets: read - confirmed })}</NextLink>
        <Link to={`/wall/${run.id}`}>{formatMessage({ id: 'today.wall' })}</Link>
      </>
    );
  }
  return (
    <>
      <NextLink to={`/wall/${run.id}`}>{formatMessage({ id: 'today.wall.open' })}</NextLink>
      <Link to="/sheets">{formatMessage({ id: 'today.start.nextSheet' })}</Link>
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
