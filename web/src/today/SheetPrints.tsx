import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, body, type Schemas } from '../api/client';
import { Button } from '../design/Controls';
import { Labelled } from './Labelled';
import { count, formatMessage } from '../words/intl';

interface Props {
  sheets: Schemas['TodaySheetView'][];
  schoolClass: string;
  period: string;
  students: number;
}

/** What is printed for a period: all of it in one press, and sheet by sheet. */
export function SheetPrints({ sheets, schoolClass, period, students }: Props) {
  const queries = useQueryClient();
  const print = useMutation({
    mutationFn: (id: string) => body(api.POST('/api/sheets/{id}/runs', { params: { path: { id } }, body: { schoolClass } })),
    onSuccess: async (run) => {
      window.open(`/api/sheets/runs/${run.id}/pages.pdf`, '_blank', 'noreferrer');
      await queries.invalidateQueries();
    },
  });
  const all = useMutation({
    mutationFn: async () => {
      for (const s of sheets.filter((s) => !s.run)) {
        await body(api.POST('/api/sheets/{id}/runs', { params: { path: { id: s.id } }, body: { schoolClass } }));
      }
    },
    onSuccess: async () => {
      window.open(`/api/today/papers.pdf?schoolClass=${schoolClass}&period=${period}`, '_blank', 'noreferrer');
      await queries.invalidateQueries();
    },
  });
  const error = print.error ?? all.error;
  const busy = print.isPending || all.isPending;
  return (
    <Labelled label={formatMessage({ id: 'today.print.open' })}>
      <Button isDisabled={busy} onPress={() => all.mutate()}>
        {all.isPending
          ? formatMessage({ id: 'today.print.preparing' })
          : sheets.length === 0
            ? formatMessage({ id: 'today.plan' })
            : formatMessage({ id: 'today.print.everything' })}
      </Button>
      {sheets.map((s) =>
        s.run ? (
          <span key={s.id}>
            <a href={`/api/sheets/runs/${s.run}/pages.pdf`} target="_blank" rel="noreferrer">
              {formatMessage({ id: 'today.print.printedSpoken' }, { title: s.title })}
            </a>{' '}
            (
            <a
              href={`/api/sheets/runs/${s.run}/pages.pdf?backs=true`}
              target="_blank"
              rel="noreferrer"
              aria-label={formatMessage({ id: 'today.print.withBacksSpoken' }, { title: s.title })}
            >
              {formatMessage({ id: 'today.print.withBacks' })}
            </a>
            )
          </span>
        ) : (
          <Button key={s.id} isDisabled={busy} onPress={() => print.mutate(s.id)}>
            {s.title}, {count(students, 'sheet')}
          </Button>
        ),
      )}
      {error && <span role="alert">▲ {error.message}</span>}
    </Labelled>
  );
}
