import { ConflictNotice, isConflict, useSaveMine } from '../design/ConflictNotice';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import styled from 'styled-components';
import { ApiError, api, body, type Schemas } from '../api/client';
import { useRevision } from '../api/useRevision';
import { skillNames } from '../course/words';
import { Button, LinkButton, Segments, Words } from '../design/Controls';
import { Notice } from '../design/States';
import { colour, sizes, space } from '../design/tokens';
import { bandNames, type Band } from '../words/words';
import { Calendar } from './Calendar';
import { Former, StudentMoves } from './StudentMoves';
import { Keeping } from './Keeping';
import { Method } from './Method';
import { NextYear } from './NextYear';
import { Sharing } from './Sharing';
import { Standards } from './Standards';
import { StudentName } from './StudentName';
import { RosterPreview } from './RosterPreview';
import { count, formatMessage } from '../words/intl';

/** One class: its students, its name, when it meets, how it is taught. */
export function ClassPage({ open }: { open: Schemas['ClassView'] }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [name, setName] = useState(open.name);
  const [band, setBand] = useState<Band>(open.band);
  const [more, setMore] = useState('');
  const [removing, setRemoving] = useState<string>();
  const revision = useRevision(open, (c) => [c.name, c.band]);
  const path = { id: open.id };
  const refresh = () => queries.invalidateQueries();
  const change = useMutation({
    mutationFn: () => body(api.PUT('/api/classes/{id}', { params: { path }, body: { revision: revision.known, name, band } })),
    onSuccess: (kept) => {
      revision.saved(kept);
      return refresh();
    },
  });
  const add = useMutation({
    mutationFn: () => body(api.POST('/api/classes/{id}/students', { params: { path }, body: { names: more } })),
    onSuccess: () => {
      setMore('');
      return refresh();
    },
  });
  const drop = useMutation({
    mutationFn: () => api.DELETE('/api/classes/{id}', { params: { path } }),
    onSuccess: async () => {
      await refresh();
      await navigate('/classes');
    },
  });
  const saveMine = useSaveMine(change, revision);
  const error = change.error ?? add.error ?? drop.error;
  const standing = useQuery({
    queryKey: ['wall', 'class', open.id],
    queryFn: () => body(api.GET('/api/progress/classes/{id}', { params: { path: { id: open.id } } })),
  });
  const nextOf = (student: string) => {
    const found = standing.data?.students.find((x) => x.student === student);
    if (!found || found.standings.length === 0) {
      return '';
    }
    return found.next ? formatMessage({ id: 'classes.students.next' }, { skill: skillNames[found.next] }) : formatMessage({ id: 'classes.students.allSecure' });
  };
  const unchanged = name === open.name && band === open.band;

  return (
    <Sheet>
      <div>
        <h2>{open.name}</h2>
        <Count>
          {count(open.students.length, 'student')}
          {(standing.data?.students.some((x) => x.standings.length > 0) ?? false) && (
            <>
              {' · '}
              <Link to={`/wall/class/${open.id}`}>{formatMessage({ id: 'classes.students.progress' })}</Link>
            </>
          )}
        </Count>
        <Students>
          {open.students.map((s) => (
            <li key={s.id}>
              <StudentName schoolClass={open.id} id={s.id} name={s.name}>
                <Standing>{nextOf(s.id)}</Standing>
              </StudentName>
              <StudentMoves schoolClass={open.id} student={s} isOpen={removing === s.id} onOpen={(asked) => setRemoving(asked ? s.id : undefined)} />
            </li>
          ))}
        </Students>
        <Former schoolClass={open.id} former={open.former} />
      </div>
      <Column>
        <h3>{formatMessage({ id: 'classes.settings' })}</h3>
        <Words label={formatMessage({ id: 'classes.name' })} value={name} onChange={setName} />
        <Segments
          label={formatMessage({ id: 'classes.band.label' })}
          value={band}
          onChange={setBand}
          choices={(Object.keys(bandNames) as Band[]).map((id) => ({ id, name: bandNames[id] }))}
        />
        <Button onPress={() => change.mutate()} isDisabled={unchanged || change.isPending}>
          {formatMessage({ id: 'classes.students.save' })}
        </Button>
        <Words label={formatMessage({ id: 'classes.students.add' })} value={more} onChange={setMore} rows={3} />
        <RosterPreview names={more} />
        <Button onPress={() => add.mutate()} isDisabled={more.trim() === '' || add.isPending}>
          {formatMessage({ id: 'classes.add' })}
        </Button>
        <ConflictNotice error={isConflict(change.error) ? change.error : null} onMine={() => void saveMine()} />
        {error && !isConflict(error) && (
          <Notice role="alert">
            ▲ {error.message}
            {error instanceof ApiError && error.fields.map((f) => <span key={f.path}>{f.message}</span>)}
          </Notice>
        )}
        {open.students.length > 0 && <NextYear key={open.revision} open={open} />}
        <Keeping schoolClass={open.id} />
        <Sharing schoolClass={open.id} />
        <Confirmable
          ask={formatMessage({ id: 'classes.deletion.start' }, { name: open.name })}
          warn={formatMessage({ id: 'classes.deletion.warning' }, { students: open.students.length, moved: open.former.filter((f) => f.now).length })}
          open={removing === open.id}
          onOpen={(asked) => setRemoving(asked ? open.id : undefined)}
          onConfirm={() => drop.mutate()}
        />
      </Column>
      <Wide>
        <Calendar open={open} />
      </Wide>
      <Wide>
        <Standards open={open} />
      </Wide>
      <Wide>
        <Method open={open} />
      </Wide>
    </Sheet>
  );
}

interface ConfirmableProps {
  ask: string;
  label?: string;
  warn: string;
  open: boolean;
  onOpen: (open: boolean) => void;
  onConfirm: () => void;
}

/** Something that cannot be undone asks once more, in place. */
function Confirmable({ ask, label, warn, open, onOpen, onConfirm }: ConfirmableProps) {
  if (!open) {
    return (
      <Quiet onPress={() => onOpen(true)} aria-label={label ?? ask}>
        {ask}
      </Quiet>
    );
  }
  return (
    <Ask role="group" aria-label={label ?? ask}>
      ▲ {warn} <LinkButton onPress={onConfirm}>{formatMessage({ id: 'classes.deletion.confirm' })}</LinkButton>{' '}
      <LinkButton onPress={() => onOpen(false)}>{formatMessage({ id: 'classes.deletion.cancel' })}</LinkButton>
    </Ask>
  );
}

const Sheet = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(220px, 320px);
  gap: ${space(6)} ${space(8)};
  align-content: start;
  padding: ${space(5)} ${space(6)};
  overflow: auto;
  @media (max-width: 1000px) { grid-template-columns: minmax(0, 1fr); }
`;
const Wide = styled.div`grid-column: 1 / -1;`;
const Column = styled.div`display: flex; flex-direction: column; gap: ${space(3)}; & > button { align-self: flex-start; }`;
const Count = styled.p`color: ${colour.muted}; font-size: ${sizes.small}; margin-bottom: ${space(2)};`;
const Students = styled.ol`
  margin: 0 0 ${space(6)};
  padding: 0;
  list-style: none;
  columns: 2 280px;
  column-gap: ${space(8)};
  li { display: flex; flex-wrap: wrap; justify-content: space-between; gap: 0 ${space(3)}; padding: ${space(1)} 0; border-bottom: 1px solid ${colour.line}; break-inside: avoid; }
`;
const Standing = styled.span`flex: 1; font-size: ${sizes.small}; color: ${colour.muted};`;
const Quiet = styled(LinkButton)`color: ${colour.muted}; font-size: ${sizes.small};`;
const Ask = styled.span`font-size: ${sizes.small}; font-weight: 600; display: inline-flex; flex-wrap: wrap; gap: ${space(2)};`;
