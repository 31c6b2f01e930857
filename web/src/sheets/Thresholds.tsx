import styled from 'styled-components';
import { type Holding, useThreshold } from '../classes/useThreshold';
import { LinkButton } from '../design/Controls';
import { MetricHelp } from '../design/MetricHelp';
import { NumberBox } from '../design/NumberBox';
import { Notice } from '../design/States';
import { Under } from '../design/Text';
import { space } from '../design/tokens';
import type { Goal, Planned } from './draft';
import { decimals } from '../words/words';
import { formatMessage } from '../words/intl';
import { DataTable } from '../design/Table';

interface Props {
  goals: Planned['goals'];
  schoolClass: Holding | undefined;
  onThreshold: (goal: Goal, factor: number | undefined) => void;
}

/** How far thresholds may be moved, as multiples of the usual. */
const LEAST = 0.25;
const MOST = 4;

/** What each goal is judged by: the threshold of secure, to be moved for this sheet or for a class. */
export function Thresholds({ goals, schoolClass, onThreshold }: Props) {
  const hold = useThreshold();
  return (
    <>
      <Table>
        <thead>
          <tr>
            <th>{formatMessage({ id: 'sheets.goal' })}</th>
            <th>{formatMessage({ id: 'sheets.threshold.secureIs' })}</th>
          </tr>
        </thead>
        <tbody>
          {goals.map((g) => {
            const factor = g.secure / g.usual;
            const ofClass = schoolClass?.thresholds[g.goal] ?? 1;
            const inherited = Math.abs(factor - ofClass) < 1e-6;
            return (
              <tr key={g.goal}>
                <td>
                  <b>
                    <MetricHelp code={g.goal} label={g.label} />
                  </b>
                  <Under>
                    {g.figure}, {g.unit}
                  </Under>
                </td>
                <td>
                  <Row>
                    {g.more ? formatMessage({ id: 'sheets.threshold.atLeast' }) : formatMessage({ id: 'sheets.threshold.atMost' })}
                    <NumberBox
                      label={formatMessage({ id: 'sheets.threshold.secureFor' }, { label: g.label })}
                      hidden
                      value={g.secure}
                      least={LEAST * g.usual}
                      most={MOST * g.usual}
                      onChange={(secure) => onThreshold(g.goal, secure / g.usual)}
                    />
                  </Row>
                  {!inherited && (
                    <Under>
                      <Link onPress={() => onThreshold(g.goal, undefined)}>{formatMessage({ id: 'sheets.threshold.reset' }, { usual: decimals(g.usual * ofClass, 1) })}</Link>
                      {schoolClass && (
                        <Link
                          onPress={() => hold.mutate({ of: schoolClass, goal: g.goal, factor }, { onSuccess: () => onThreshold(g.goal, undefined) })}
                          isDisabled={hold.isPending}
                        >
                          {formatMessage({ id: 'sheets.threshold.forClass' }, { className: schoolClass.name })}
                        </Link>
                      )}
                    </Under>
                  )}
                  {inherited && ofClass !== 1 && schoolClass && (
                    <Under>{formatMessage({ id: 'sheets.threshold.ofClass' }, { className: schoolClass.name, usual: decimals(g.usual, 1) })}</Under>
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </Table>
      {hold.error && <Notice role="alert">▲ {hold.error.message}</Notice>}
    </>
  );
}

const Table = styled(DataTable)`
  width: 100%;
  margin-top: ${space(2)};
  td, th { padding-left: 0; line-height: 1.25; }
  td:last-child { width: 52%; }
`;
const Row = styled.div`display: flex; align-items: center; gap: ${space(2)}; white-space: nowrap; & > div { width: 72px; }`;
const Link = styled(LinkButton)`display: block; text-align: left;`;
