import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, body, type Schemas } from '../api/client';
import { Button } from '../design/Controls';
import { count } from '../words/words';
import { Labelled } from './Labelled';

/** The sheets of a period: those not yet printed for the class are one press away. */
export function SheetPrints({ sheets, schoolClass, students }: { sheets: Schemas['TodaySheetView'][]; schoolClass: string; students: number }) {
  const queries = useQueryClient();
  const print = useMutation({
    mutationFn: (id: string) => body(api.POST('/api/sheets/{id}/runs', { params: { path: { id } }, body: { schoolClass } })),
    onSuccess: async (run) => {
      window.open(`/api/sheets/runs/${run.id}/pages.pdf`, '_blank', 'noreferrer');
      await queries.invalidateQueries();
    },
  });
  if (sheets.length === 0) {
    return null;
  }
  return (
    <Labelled label="Print">
      {sheets.map((s) =>
        s.run ? (
          <a key={s.id} href={`/api/sheets/runs/${s.run}/pages.pdf`} target="_blank" rel="noreferrer">
            {s.title}, printed
          </a>
        ) : (
          <Button key={s.id} isDisabled={print.isPending} onPress={() => print.mutate(s.id)}>
            {s.title}, {count(students, 'sheet')}
          </Button>
        ),
      )}
      {print.error && <span role="alert">▲ {print.error.message}</span>}
    </Labelled>
  );
}
