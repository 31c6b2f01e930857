import { ConflictNotice, useSaveMine } from '../design/ConflictNotice';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import styled from 'styled-components';
import { ApiError, api, body, type Schemas } from '../api/client';
import { useRevision } from '../api/useRevision';
import { Button, LinkButton, MainButton, Words } from '../design/Controls';
import { NumberBox } from '../design/NumberBox';
import { SideEntry, SideList } from '../design/SideList';
import { Grained } from '../design/Swatch';
import { colour, space } from '../design/tokens';
import { count, formatMessage } from '../words/intl';
import { Checkbox } from '../design/Chosen';

type SetView = Schemas['SetView'];
type Request = Schemas['SetRequest'];

/** Sets of pencils, which class uses which, and how many sets there are. */
export function Sets({ kit, classes }: { kit: Schemas['KitView']; classes: Schemas['ClassView'][] }) {
  const [open, setOpen] = useState<string | null>(kit.sets[0]?.id ?? null);
  const set = kit.sets.find((s) => s.id === open);
  return (
    <Layout>
      <SideList aria-label={formatMessage({ id: 'kit.sets' })}>
        {kit.sets.map((s) => (
          <SideEntry key={s.id} onPress={() => setOpen(s.id)} data-open={s.id === open}>
            <b>{s.name}</b>
            <small>
              {count(s.pencils.length, 'pencil')} · {users(s, classes)}
            </small>
          </SideEntry>
        ))}
        <Button onPress={() => setOpen(null)}>{formatMessage({ id: 'kit.newSet' })}</Button>
      </SideList>
      <SetForm key={open ?? 'new'} kit={kit} classes={classes} set={set} onKept={setOpen} />
    </Layout>
  );
}

function users(set: SetView, classes: Schemas['ClassView'][]): string {
  const named = set.users.map((u) => formatMessage({ id: 'kit.chart.copiesFor' }, { copies: u.howMany, set: classes.find((c) => c.id === u.schoolClass)?.name ?? '' }));
  return named.length ? named.join(', ') : formatMessage({ id: 'kit.set.noClass' });
}

interface FormProps {
  kit: Schemas['KitView'];
  classes: Schemas['ClassView'][];
  set: SetView | undefined;
  onKept: (id: string | null) => void;
}

function SetForm({ kit, classes, set, onKept }: FormProps) {
  const queries = useQueryClient();
  const [request, setRequest] = useState<Request>(() => (set ? { name: set.name, pencils: set.pencils, users: set.users } : { name: '', pencils: [], users: [] }));
  const revision = useRevision(set, (s) => [s.name, s.pencils, s.users]);
  const keep = useMutation({
    mutationFn: () =>
      set
        ? body(api.PUT('/api/kit/sets/{id}', { params: { path: { id: set.id } }, body: { ...request, revision: revision.known } }))
        : body(api.POST('/api/kit/sets', { body: request })),
    onSuccess: async (kept) => {
      revision.saved(kept);
      await queries.invalidateQueries();
      onKept(kept.id);
    },
  });
  const remove = useMutation({
    mutationFn: () => api.DELETE('/api/kit/sets/{id}', { params: { path: { id: set?.id ?? '' } } }),
    onSuccess: async () => {
      onKept(null);
      await queries.invalidateQueries();
    },
  });
  const saveMine = useSaveMine(keep, revision);
  const error = keep.error instanceof ApiError ? keep.error : undefined;
  const has = new Set(request.pencils);
  const toggle = (id: string) => setRequest({ ...request, pencils: has.has(id) ? request.pencils.filter((p) => p !== id) : [...request.pencils, id] });
  const howMany = (id: string) => request.users.find((u) => u.schoolClass === id)?.howMany ?? 0;
  const use = (id: string, n: number) =>
    setRequest({ ...request, users: [...request.users.filter((u) => u.schoolClass !== id), ...(n > 0 ? [{ schoolClass: id, howMany: n }] : [])] });
  return (
    <Form>
      <Row>
        <Words label={formatMessage({ id: 'kit.set.name' })} value={request.name} onChange={(name) => setRequest({ ...request, name })} error={error?.field('name')} required />
        <MainButton onPress={() => keep.mutate()} isDisabled={keep.isPending || !request.name.trim() || has.size === 0}>
          {set ? formatMessage({ id: 'kit.save' }) : formatMessage({ id: 'kit.set.create' })}
        </MainButton>
        {set && <LinkButton onPress={() => remove.mutate()}>{formatMessage({ id: 'kit.set.delete' })}</LinkButton>}
      </Row>
      <ConflictNotice error={error?.fields.length ? null : keep.error} onMine={() => void saveMine()} />
      <Classes>
        {classes.map((c) => (
          <NumberBox
            key={c.id}
            label={formatMessage({ id: 'kit.set.for' }, { name: c.name })}
            value={howMany(c.id)}
            least={0}
            most={60}
            step={1}
            digits={0}
            onChange={(n) => use(c.id, n)}
          />
        ))}
      </Classes>
      <p>{formatMessage({ id: 'kit.set.count' }, { pencils: has.size })}</p>
      <Pencils>
        {kit.pencils.map((p) => (
          <Tick key={p.id} isSelected={has.has(p.id)} onChange={() => toggle(p.id)}>
            <Box aria-hidden>{has.has(p.id) ? '✓' : ''}</Box>
            <Grained colour={p.colour} />
            {p.code} {p.name}
          </Tick>
        ))}
      </Pencils>
    </Form>
  );
}

const Layout = styled.div`flex: 1; min-height: 0; display: grid; grid-template-columns: 260px minmax(0, 1fr); @media (max-width: 820px) { display: block; }`;
const Form = styled.section`display: flex; flex-direction: column; gap: ${space(3)}; padding: ${space(4)} ${space(5)}; overflow: auto;`;
const Row = styled.div`display: flex; gap: ${space(3)}; align-items: flex-end;`;
const Classes = styled.div`display: flex; gap: ${space(4)}; flex-wrap: wrap; & > * { width: 130px; }`;
const Pencils = styled.div`display: grid; grid-template-columns: repeat(auto-fill, minmax(180px, 1fr)); gap: 2px ${space(4)};`;
const Tick = styled(Checkbox)`
  display: flex;
  align-items: center;
  gap: ${space(2)};
  padding: 3px;
  cursor: pointer;
  &[data-selected] { font-weight: 600; }
  &[data-focus-visible] { outline: 2px solid ${colour.ink}; }
`;
const Box = styled.span`display: grid; place-items: center; width: 16px; height: 16px; border: 1px solid ${colour.muted}; line-height: 1;`;
