import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import styled from 'styled-components';
import { api, body, type Schemas } from '../api/client';
import { useRevision } from '../api/useRevision';
import { ConflictNotice, useSaveMine } from '../design/ConflictNotice';
import { Button, LinkButton } from '../design/Controls';
import { Notice } from '../design/States';
import { Stepper } from '../design/Stepper';
import { colour, sizes, space } from '../design/tokens';
import { gradeNames } from '../words/words';
import { formatMessage } from '../words/intl';

type Class = Schemas['ClassView'];

/** When a class is ready for what builds on a skill, and how hard it presses. */
export function Standards({ open }: { open: Class }) {
  return (
    <Both aria-label={formatMessage({ id: 'classes.readiness.goals' })}>
      <Readiness open={open} />
      <Pressures schoolClass={open.id} />
    </Both>
  );
}

const percent = (share: number) => Math.round(share * 100);

function Readiness({ open }: { open: Class }) {
  const queries = useQueryClient();
  const revision = useRevision(open, (c) => c.readyShare);
  const [share, setShare] = useState(percent(open.readyShare));
  const keep = useMutation({
    mutationFn: () => body(api.PUT('/api/classes/{id}/readiness', { params: { path: { id: open.id } }, body: { revision: revision.known, share: share / 100 } })),
    onSuccess: (saved) => {
      revision.saved(saved);
      return queries.invalidateQueries();
    },
  });
  const saveMine = useSaveMine(keep, revision);
  return (
    <div>
      <h3>{formatMessage({ id: 'classes.readiness.heading' })}</h3>
      <p>{formatMessage({ id: 'classes.readiness.help' })}</p>
      <Line>
        <Stepper label={formatMessage({ id: 'classes.readiness.share' })} value={share} least={0} most={100} onChange={setShare} />
        <Button isDisabled={share === percent(open.readyShare) || keep.isPending} onPress={() => keep.mutate()}>
          {formatMessage({ id: 'classes.periods.saveNew' })}
        </Button>
      </Line>
      <ConflictNotice error={keep.error} onMine={() => void saveMine()} />
    </div>
  );
}

/** How hard the class presses at each grade, and whether sheets for it are planned by that. */
function Pressures({ schoolClass }: { schoolClass: string }) {
  const queries = useQueryClient();
  const path = { id: schoolClass };
  const pressures = useQuery({
    queryKey: ['classes', schoolClass, 'pressures'],
    queryFn: () => body(api.GET('/api/progress/classes/{id}/pressures', { params: { path: { id: schoolClass } } })),
  });
  const set = useMutation({
    mutationFn: (own: boolean) =>
      body(own ? api.PUT('/api/progress/classes/{id}/pressures', { params: { path } }) : api.DELETE('/api/progress/classes/{id}/pressures', { params: { path } })),
    onSuccess: () => queries.invalidateQueries(),
  });
  if (!pressures.data) {
    return null;
  }
  const { own, grades } = pressures.data;
  const boxes = grades.reduce((sum, g) => sum + g.boxes, 0);
  return (
    <div>
      <h3>{formatMessage({ id: 'classes.pressure.heading' })}</h3>
      {boxes === 0 ? (
        <p>{formatMessage({ id: 'classes.pressure.none' })}</p>
      ) : (
        <>
          <p>
            {formatMessage(
              { id: 'classes.pressure.source' },
              {
                boxes: boxes,
                pressures: own ? formatMessage({ id: 'classes.pressure.planOwn' }) : formatMessage({ id: 'classes.pressure.planTaught' }),
              },
            )}
          </p>
          <table>
            <thead>
              <tr>
                <th scope="col">{formatMessage({ id: 'classes.pressure' })}</th>
                <th scope="col">{formatMessage({ id: 'classes.pressure.taught' })}</th>
                <th scope="col">{formatMessage({ id: 'classes.pressure.measured' })}</th>
                <th scope="col">{formatMessage({ id: 'classes.boxes' })}</th>
                {own && <th scope="col">{formatMessage({ id: 'classes.inUse' })}</th>}
              </tr>
            </thead>
            <tbody>
              {grades.map((g) => (
                <tr key={g.grade}>
                  <th scope="row">{gradeNames[g.grade]}</th>
                  <td>{percent(g.taught)}</td>
                  <td>{g.boxes > 0 ? `${percent(g.found)} (${percent(Math.max(0, g.found - g.plusMinus))}–${percent(Math.min(1, g.found + g.plusMinus))})` : '–'}</td>
                  <td>{g.boxes}</td>
                  {own && <td>{percent(g.used)}</td>}
                </tr>
              ))}
            </tbody>
          </table>
          <Line>
            <Button isDisabled={set.isPending} onPress={() => set.mutate(true)}>
              {own ? formatMessage({ id: 'classes.pressure.useMeasured' }) : formatMessage({ id: 'classes.pressure.planBy' })}
            </Button>
            {own && <LinkButton onPress={() => set.mutate(false)}>{formatMessage({ id: 'classes.pressure.useTaught' })}</LinkButton>}
          </Line>
        </>
      )}
      {(set.error ?? pressures.error) && <Notice role="alert">▲ {(set.error ?? pressures.error)?.message}</Notice>}
    </div>
  );
}

const Both = styled.section`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
  gap: ${space(5)} ${space(8)};
  & p { font-size: ${sizes.small}; color: ${colour.muted}; margin: ${space(1)} 0 ${space(2)}; max-width: 52ch; }
  & table { border-collapse: collapse; margin-bottom: ${space(3)}; }
  & th, & td { padding: 2px ${space(3)} 2px 0; text-align: left; font-weight: 400; border-bottom: 1px solid ${colour.line}; }
  & thead th { font-size: ${sizes.small}; color: ${colour.muted}; }
  & td { font-variant-numeric: tabular-nums; }
`;
const Line = styled.div`display: flex; align-items: flex-end; gap: ${space(3)};`;
