import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { ApiError, api, body, type Schemas } from '../api/client';
import { useRevision } from '../api/useRevision';
import { Button, LinkButton, MainButton, Segments, Select, Words } from '../design/Controls';
import { NumberBox } from '../design/NumberBox';
import { Notice } from '../design/States';
import { Small } from '../design/Text';
import { colour, sizes, space } from '../design/tokens';
import { days, fitted, kinds, nextSlot, parseTables, turns, type CalendarData, type ChangeData, type DatesData, type SlotData } from './calendar';
import { ConflictNotice, isConflict, useSaveMine } from '../design/ConflictNotice';
import { say } from '../words/say';

/** When a class meets: its week, its term, holidays, single dates; and how it begins, clears and sits. */
export function Calendar({ open }: { open: Schemas['ClassView'] }) {
  const queries = useQueryClient();
  const revision = useRevision(open, (c) => c.calendar);
  const [draft, setDraft] = useState<CalendarData>(open.calendar);
  const [tables, setTables] = useState((open.calendar.tables ?? []).join(', '));
  const seats = parseTables(tables);
  const others = queries.getQueryData<Schemas['ClassView'][]>(['classes'])?.filter((c) => c.id !== open.id && c.calendar.term) ?? [];
  const keep = useMutation({
    mutationFn: () =>
      body(
        api.PUT('/api/classes/{id}/calendar', {
          params: { path: { id: open.id } },
          body: { revision: revision.known, calendar: { ...draft, changes: (draft.changes ?? []).map(fitted), tables: seats ?? [] } },
        }),
      ),
    onSuccess: (kept) => {
      revision.saved(kept);
      setDraft(kept.calendar);
      return queries.invalidateQueries();
    },
  });
  const saveMine = useSaveMine(keep, revision);
  const put = (change: Partial<CalendarData>) => setDraft({ ...draft, ...change });
  const takesTurns = draft.slots.some((s) => s.turn === 'A' || s.turn === 'B');
  const holidays = draft.holidays ?? [];
  const changes = draft.changes ?? [];
  return (
    <Form
      onSubmit={(event) => {
        event.preventDefault();
        keep.mutate();
      }}
      aria-label={say('classes.when-it-meets')}
    >
      <h2>{say('classes.when-meets', { name: open.name })}</h2>
      <Rows
        name={say('classes.every-week')}
        empty={say('classes.no-period-yet')}
        add={say('classes.add-a-period')}
        onAdd={() => put({ slots: [...draft.slots, nextSlot(draft.slots)] })}
        rows={draft.slots.map((s, i) => (
          <Slot
            key={i}
            n={i + 1}
            slot={s}
            onChange={(slot) => put({ slots: draft.slots.map((old, k) => (k === i ? slot : old)) })}
            onDrop={() => put({ slots: draft.slots.filter((_, k) => k !== i) })}
          />
        ))}
      />
      <Group>
        <h3>{say('classes.term')}</h3>
        <Line>
          <Words label={say('classes.first-day')} type="date" value={draft.term?.from ?? ''} onChange={(from) => put({ term: { name: '', to: from, ...draft.term, from } })} />
          <Words label={say('classes.last-day')} type="date" value={draft.term?.to ?? ''} onChange={(to) => put({ term: { name: '', from: to, ...draft.term, to } })} />
          <Words label={say('classes.name')} value={draft.term?.name ?? ''} onChange={(name) => draft.term && put({ term: { ...draft.term, name } })} />
          {takesTurns && (
            <Segments
              label={say('classes.its-first-week-is')}
              value={draft.firstWeek === 'B' ? 'B' : 'A'}
              onChange={(firstWeek) => put({ firstWeek })}
              choices={[
                { id: 'A', name: 'A' },
                { id: 'B', name: 'B' },
              ]}
            />
          )}
          {others.map((c) => (
            <LinkButton key={c.id} onPress={() => put({ term: c.calendar.term, holidays: c.calendar.holidays, firstWeek: c.calendar.firstWeek })}>
              {say('classes.as', { name: c.name })}
            </LinkButton>
          ))}
        </Line>
      </Group>
      <Rows
        name={say('classes.holidays')}
        empty={say('classes.none')}
        add={say('classes.add-a-holiday')}
        onAdd={() => put({ holidays: [...holidays, { from: draft.term?.from ?? '', to: draft.term?.from ?? '', name: '' }] })}
        rows={holidays.map((h, i) => (
          <Holiday
            key={i}
            n={i + 1}
            dates={h}
            onChange={(dates) => put({ holidays: holidays.map((old, k) => (k === i ? dates : old)) })}
            onDrop={() => put({ holidays: holidays.filter((_, k) => k !== i) })}
          />
        ))}
      />
      <Rows
        name={say('classes.single-dates')}
        empty={say('classes.all-periods-are-as-every')}
        add={say('classes.add-a-change')}
        onAdd={() => put({ changes: [...changes, { kind: 'CANCELLED', period: `${draft.term?.from ?? ''}T${draft.slots[0]?.starts.slice(0, 5) ?? '09:00'}` }] })}
        rows={changes.map((c, i) => (
          <Change
            key={i}
            n={i + 1}
            change={c}
            onChange={(change) => put({ changes: changes.map((old, k) => (k === i ? change : old)) })}
            onDrop={() => put({ changes: changes.filter((_, k) => k !== i) })}
          />
        ))}
      />
      <Group>
        <h3>{say('classes.in-the-room')}</h3>
        <Line>
          <Narrow>
            <NumberBox label={say('classes.setting-up-min')} value={draft.setUpMinutes ?? 5} least={0} most={60} digits={0} onChange={(setUpMinutes) => put({ setUpMinutes })} />
          </Narrow>
          <Narrow>
            <NumberBox
              label={say('classes.clearing-min')}
              value={draft.clearingMinutes ?? 5}
              least={0}
              most={60}
              digits={0}
              onChange={(clearingMinutes) => put({ clearingMinutes })}
            />
          </Narrow>
          <Words
            label={say('classes.seats-at-each-table')}
            value={tables}
            onChange={setTables}
            hint={say('classes.for-example-4-4-6')}
            error={seats ? undefined : say('classes.write-a-number-of-seats')}
          />
        </Line>
      </Group>
      <ConflictNotice error={isConflict(keep.error) ? keep.error : null} onMine={() => void saveMine()} />
      {keep.error && !isConflict(keep.error) && (
        <Notice role="alert">
          {keep.error instanceof ApiError && keep.error.fields.length > 0
            ? keep.error.fields.map((f) => <span key={f.path + f.code}>▲ {f.message}</span>)
            : `▲ ${keep.error.message}`}
        </Notice>
      )}
      <MainButton type="submit" isDisabled={keep.isPending || !seats}>
        {say('classes.keep-when-it-meets')}
      </MainButton>
    </Form>
  );
}

function Rows({ name, empty, add, onAdd, rows }: { name: string; empty: string; add: string; onAdd: () => void; rows: ReactNode[] }) {
  return (
    <Group>
      <h3>{name}</h3>
      {rows.length === 0 && <Small>{empty}</Small>}
      {rows}
      <Button onPress={onAdd}>{add}</Button>
    </Group>
  );
}

interface RowProps {
  n: number;
  onDrop: () => void;
}

function Slot({ n, slot, onChange, onDrop }: RowProps & { slot: SlotData; onChange: (slot: SlotData) => void }) {
  return (
    <Line role="group" aria-label={say('classes.period-of-the-week', { n })}>
      <Choice>
        <Select label={say('classes.day')} value={slot.day} onChange={(day) => onChange({ ...slot, day: day as SlotData['day'] })} choices={days} />
      </Choice>
      <Words label={say('classes.starts')} type="time" value={slot.starts.slice(0, 5)} onChange={(starts) => onChange({ ...slot, starts })} />
      <Narrow>
        <NumberBox label={say('classes.minutes')} value={slot.minutes} least={10} most={300} digits={0} onChange={(minutes) => onChange({ ...slot, minutes })} />
      </Narrow>
      <Words label={say('classes.room')} value={slot.room ?? ''} onChange={(room) => onChange({ ...slot, room })} />
      <Segments label={say('classes.weeks')} value={slot.turn ?? 'EVERY'} onChange={(turn) => onChange({ ...slot, turn })} choices={turns} />
      <LinkButton aria-label={say('classes.take-out-period', { n })} onPress={onDrop}>
        {say('classes.take-out')}
      </LinkButton>
    </Line>
  );
}

function Holiday({ n, dates, onChange, onDrop }: RowProps & { dates: DatesData; onChange: (dates: DatesData) => void }) {
  return (
    <Line role="group" aria-label={say('classes.holiday', { n })}>
      <Words label={say('classes.from')} type="date" value={dates.from} onChange={(from) => onChange({ ...dates, from, to: dates.to < from ? from : dates.to })} />
      <Words label={say('classes.to')} type="date" value={dates.to} onChange={(to) => onChange({ ...dates, to })} />
      <Words label={say('classes.name')} value={dates.name ?? ''} onChange={(name) => onChange({ ...dates, name })} />
      <LinkButton aria-label={say('classes.take-out-holiday', { n })} onPress={onDrop}>
        {say('classes.take-out')}
      </LinkButton>
    </Line>
  );
}

function Change({ n, change, onChange, onDrop }: RowProps & { change: ChangeData; onChange: (change: ChangeData) => void }) {
  const at = (which: 'period' | 'to') => {
    const [date = '', time = ''] = (change[which] ?? change.period).split('T');
    return (
      <>
        <Words label={which === 'to' ? say('classes.new-date') : say('classes.date')} type="date" value={date} onChange={(d) => onChange({ ...change, [which]: `${d}T${time}` })} />
        <Words
          label={which === 'to' ? say('classes.new-start') : say('classes.starts')}
          type="time"
          value={time.slice(0, 5)}
          onChange={(t) => onChange({ ...change, [which]: `${date}T${t}` })}
        />
      </>
    );
  };
  return (
    <Line role="group" aria-label={say('classes.change', { n })}>
      {at('period')}
      <Choice>
        <Select label={say('classes.it')} value={change.kind} onChange={(kind) => onChange(fitted({ ...change, kind: kind as ChangeData['kind'] }))} choices={kinds} />
      </Choice>
      {change.kind === 'MOVED' && at('to')}
      {change.kind !== 'CANCELLED' && (
        <Narrow>
          <NumberBox label={say('classes.minutes')} value={change.minutes ?? 50} least={10} most={300} digits={0} onChange={(minutes) => onChange({ ...change, minutes })} />
        </Narrow>
      )}
      <LinkButton aria-label={say('classes.take-out-change', { n })} onPress={onDrop}>
        {say('classes.take-out')}
      </LinkButton>
    </Line>
  );
}

const Form = styled.form`display: flex; flex-direction: column; align-items: flex-start; gap: ${space(4)}; padding-top: ${space(4)}; border-top: 1px solid ${colour.line};`;
const Group = styled.div`display: flex; flex-direction: column; align-items: flex-start; gap: ${space(2)}; h3 { font-size: ${sizes.text}; font-weight: 600; margin: 0; }`;
const Line = styled.div`display: flex; flex-wrap: wrap; align-items: flex-end; gap: ${space(3)}; & > button { margin-bottom: ${space(1)}; } & > div { min-width: 0; }`;
const Narrow = styled.div`width: 96px;`;
const Choice = styled.div`width: 148px;`;
