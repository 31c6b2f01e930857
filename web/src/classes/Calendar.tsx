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
import { formatMessage } from '../words/intl';

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
      aria-label={formatMessage({ id: 'classes.periods.heading' })}
    >
      <h2>{formatMessage({ id: 'classes.periods.headingOf' }, { name: open.name })}</h2>
      <Rows
        name={formatMessage({ id: 'classes.periods.everyWeek' })}
        empty={formatMessage({ id: 'classes.periods.empty' })}
        add={formatMessage({ id: 'classes.periods.add' })}
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
        <h3>{formatMessage({ id: 'classes.term' })}</h3>
        <Line>
          <Words
            label={formatMessage({ id: 'classes.firstDay' })}
            type="date"
            value={draft.term?.from ?? ''}
            onChange={(from) => put({ term: { name: '', to: from, ...draft.term, from } })}
          />
          <Words
            label={formatMessage({ id: 'classes.lastDay' })}
            type="date"
            value={draft.term?.to ?? ''}
            onChange={(to) => put({ term: { name: '', from: to, ...draft.term, to } })}
          />
          <Words label={formatMessage({ id: 'classes.name' })} value={draft.term?.name ?? ''} onChange={(name) => draft.term && put({ term: { ...draft.term, name } })} />
          {takesTurns && (
            <Segments
              label={formatMessage({ id: 'classes.periods.firstWeek' })}
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
              {formatMessage({ id: 'classes.pressure.as' }, { name: c.name })}
            </LinkButton>
          ))}
        </Line>
      </Group>
      <Rows
        name={formatMessage({ id: 'classes.holidays' })}
        empty={formatMessage({ id: 'classes.none' })}
        add={formatMessage({ id: 'classes.holidays.add' })}
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
        name={formatMessage({ id: 'classes.changes.heading' })}
        empty={formatMessage({ id: 'classes.changes.none' })}
        add={formatMessage({ id: 'classes.changes.add' })}
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
        <h3>{formatMessage({ id: 'classes.periods.inTheRoom' })}</h3>
        <Line>
          <Narrow>
            <NumberBox
              label={formatMessage({ id: 'classes.periods.settingUp' })}
              value={draft.setUpMinutes ?? 5}
              least={0}
              most={60}
              digits={0}
              onChange={(setUpMinutes) => put({ setUpMinutes })}
            />
          </Narrow>
          <Narrow>
            <NumberBox
              label={formatMessage({ id: 'classes.periods.clearing' })}
              value={draft.clearingMinutes ?? 5}
              least={0}
              most={60}
              digits={0}
              onChange={(clearingMinutes) => put({ clearingMinutes })}
            />
          </Narrow>
          <Words
            label={formatMessage({ id: 'classes.tables.label' })}
            value={tables}
            onChange={setTables}
            hint={formatMessage({ id: 'classes.tables.example' })}
            error={seats ? undefined : formatMessage({ id: 'classes.tables.invalid' })}
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
        {formatMessage({ id: 'classes.periods.save' })}
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
    <Line role="group" aria-label={formatMessage({ id: 'classes.periods.number' }, { number: n })}>
      <Choice>
        <Select label={formatMessage({ id: 'classes.day' })} value={slot.day} onChange={(day) => onChange({ ...slot, day: day as SlotData['day'] })} choices={days} />
      </Choice>
      <Words label={formatMessage({ id: 'classes.starts' })} type="time" value={slot.starts.slice(0, 5)} onChange={(starts) => onChange({ ...slot, starts })} />
      <Narrow>
        <NumberBox label={formatMessage({ id: 'classes.minutes' })} value={slot.minutes} least={10} most={300} digits={0} onChange={(minutes) => onChange({ ...slot, minutes })} />
      </Narrow>
      <Words label={formatMessage({ id: 'classes.room' })} value={slot.room ?? ''} onChange={(room) => onChange({ ...slot, room })} />
      <Segments label={formatMessage({ id: 'classes.weeks' })} value={slot.turn ?? 'EVERY'} onChange={(turn) => onChange({ ...slot, turn })} choices={turns} />
      <LinkButton aria-label={formatMessage({ id: 'classes.periods.removeNumber' }, { number: n })} onPress={onDrop}>
        {formatMessage({ id: 'classes.changes.remove' })}
      </LinkButton>
    </Line>
  );
}

function Holiday({ n, dates, onChange, onDrop }: RowProps & { dates: DatesData; onChange: (dates: DatesData) => void }) {
  return (
    <Line role="group" aria-label={formatMessage({ id: 'classes.holidays.number' }, { number: n })}>
      <Words
        label={formatMessage({ id: 'classes.changes.from' })}
        type="date"
        value={dates.from}
        onChange={(from) => onChange({ ...dates, from, to: dates.to < from ? from : dates.to })}
      />
      <Words label={formatMessage({ id: 'classes.to' })} type="date" value={dates.to} onChange={(to) => onChange({ ...dates, to })} />
      <Words label={formatMessage({ id: 'classes.name' })} value={dates.name ?? ''} onChange={(name) => onChange({ ...dates, name })} />
      <LinkButton aria-label={formatMessage({ id: 'classes.holidays.removeNumber' }, { number: n })} onPress={onDrop}>
        {formatMessage({ id: 'classes.changes.remove' })}
      </LinkButton>
    </Line>
  );
}

function Change({ n, change, onChange, onDrop }: RowProps & { change: ChangeData; onChange: (change: ChangeData) => void }) {
  const at = (which: 'period' | 'to') => {
    const [date = '', time = ''] = (change[which] ?? change.period).split('T');
    return (
      <>
        <Words
          label={which === 'to' ? formatMessage({ id: 'classes.newDate' }) : formatMessage({ id: 'classes.date' })}
          type="date"
          value={date}
          onChange={(d) => onChange({ ...change, [which]: `${d}T${time}` })}
        />
        <Words
          label={which === 'to' ? formatMessage({ id: 'classes.newStart' }) : formatMessage({ id: 'classes.starts' })}
          type="time"
          value={time.slice(0, 5)}
          onChange={(t) => onChange({ ...change, [which]: `${date}T${t}` })}
        />
      </>
    );
  };
  return (
    <Line role="group" aria-label={formatMessage({ id: 'classes.changes.number' }, { number: n })}>
      {at('period')}
      <Choice>
        <Select
          label={formatMessage({ id: 'classes.changes.period' })}
          value={change.kind}
          onChange={(kind) => onChange(fitted({ ...change, kind: kind as ChangeData['kind'] }))}
          choices={kinds}
        />
      </Choice>
      {change.kind === 'MOVED' && at('to')}
      {change.kind !== 'CANCELLED' && (
        <Narrow>
          <NumberBox
            label={formatMessage({ id: 'classes.minutes' })}
            value={change.minutes ?? 50}
            least={10}
            most={300}
            digits={0}
            onChange={(minutes) => onChange({ ...change, minutes })}
          />
        </Narrow>
      )}
      <LinkButton aria-label={formatMessage({ id: 'classes.changes.removeNumber' }, { number: n })} onPress={onDrop}>
        {formatMessage({ id: 'classes.changes.remove' })}
      </LinkButton>
    </Line>
  );
}

const Form = styled.form`display: flex; flex-direction: column; align-items: flex-start; gap: ${space(4)}; padding-top: ${space(4)}; border-top: 1px solid ${colour.line};`;
const Group = styled.div`display: flex; flex-direction: column; align-items: flex-start; gap: ${space(2)}; h3 { font-size: ${sizes.text}; font-weight: 600; margin: 0; }`;
const Line = styled.div`display: flex; flex-wrap: wrap; align-items: flex-end; gap: ${space(3)}; & > button { margin-bottom: ${space(1)}; } & > div { min-width: 0; }`;
const Narrow = styled.div`width: 96px;`;
const Choice = styled.div`width: 148px;`;
