import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { served } from '../api/served';
import { api, body, type Schemas } from '../api/client';
import { useRevision } from '../api/useRevision';
import { Place, PlaceLoading } from '../design/Place';
import { Failed } from '../design/States';
import { Composer } from './Composer';
import type { PrintForm } from './composing';
import { PackImport } from './PackImport';
import { NEW_SHEET, first, fromSheet, same, type SheetRequest } from './draft';
import { useDraft } from '../design/useDraft';
import { useSaveMine } from '../design/ConflictNotice';
import { formatMessage } from '../words/intl';

type Kit = Schemas['KitView'];

/** Compose a sheet, keep it, print it for a class. */
export default function Sheets() {
  const { id } = useParams();
  const [search] = useSearchParams();
  const kit = useQuery({ ...served.kit, staleTime: Infinity });
  const kinds = useQuery({ ...served.kinds, staleTime: Infinity });
  const sheets = useQuery(served.sheets);
  const classes = useQuery(served.taught);
  // Both outlive the desk, which starts afresh when a sheet is kept or opened.
  const [classId, setClassId] = useState<string>();
  const [run, setRun] = useState<Schemas['RunView']>();
  const [as, setAs] = useState<PrintForm>('pages');
  // A sheet that is kept first opens anew: what was said of its printing must stay.
  const [failed, setFailed] = useState<{ sheet: string; error: Error } | undefined>();
  const waiting = kit.isPending || kinds.isPending || sheets.isPending || classes.isPending;
  const error = kit.error ?? kinds.error ?? sheets.error ?? classes.error;
  if (error) {
    return <Failed error={error} />;
  }
  if (waiting) {
    return <PlaceLoading title={formatMessage({ id: 'shell.sheets' })} what={formatMessage({ id: 'sheets.loading.sheets' })} />;
  }
  const open = sheets.data?.find((s) => s.id === id);
  const kind = kinds.data?.find((k) => k.id === search.get('kind'))?.id;
  return (
    <Desk
      key={open ? `${open.id}.${open.version}` : (kind ?? NEW_SHEET)}
      kit={kit.data as Kit}
      kinds={kinds.data ?? []}
      sheets={sheets.data ?? []}
      classes={classes.data ?? []}
      open={open}
      kind={kind}
      classId={classId ?? open?.data.schoolClass ?? classes.data?.[0]?.id ?? null}
      onClass={setClassId}
      run={run?.sheet === open?.id ? run : undefined}
      onRun={setRun}
      as={as}
      onAs={(form) => {
        setFailed(undefined);
        setAs(form);
      }}
      failed={failed?.sheet === open?.id ? failed?.error : undefined}
      onFailed={setFailed}
    />
  );
}

interface DeskProps {
  kit: Kit;
  kinds: Schemas['KindView'][];
  sheets: Schemas['SheetView'][];
  classes: Schemas['ClassView'][];
  open: Schemas['SheetView'] | undefined;
  /** Exercise type that a new sheet begins with. */
  kind: string | undefined;
  classId: string | null;
  onClass: (id: string) => void;
  run: Schemas['RunView'] | undefined;
  onRun: (run: Schemas['RunView']) => void;
  as: PrintForm;
  onAs: (form: PrintForm) => void;
  failed: Error | undefined;
  onFailed: (failed: { sheet: string; error: Error } | undefined) => void;
}

function Desk({ kit, kinds, sheets, classes, open, kind, classId, onClass, run, onRun, as, onAs, failed, onFailed }: DeskProps) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [request, setRequest, forgetDraft] = useDraft<SheetRequest>(open ? `sheet/${open.id}/${open.version}` : kind ? `${NEW_SHEET}/${kind}` : NEW_SHEET, () =>
    open ? fromSheet(open) : first(kit, kind ?? kinds[0]?.id ?? '', classId ?? undefined),
  );

  const draft = useQuery({
    queryKey: ['draft', request],
    queryFn: ({ signal }) => body(api.POST('/api/sheets/preview', { body: request, signal })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });

  const revision = useRevision(open, fromSheet);
  const changed = open === undefined || !same(request, fromSheet(open));
  const keep = useMutation({
    mutationFn: () =>
      open
        ? body(api.PUT('/api/sheets/{id}', { params: { path: { id: open.id } }, body: { ...request, revision: revision.known } }))
        : body(api.POST('/api/sheets', { body: request })),
    onSuccess: async (kept) => {
      forgetDraft();
      revision.saved(kept);
      await queries.invalidateQueries({ queryKey: served.sheets.queryKey });
      await navigate(`/sheets/${kept.id}`);
    },
  });
  const saveMine = useSaveMine(keep, revision);
  const print = useMutation({
    mutationFn: async (schoolClass: string) => {
      onFailed(undefined);
      const sheet = changed ? await keep.mutateAsync() : open;
      try {
        return await body(api.POST('/api/sheets/{id}/runs', { params: { path: { id: sheet.id } }, body: { schoolClass, card: as === 'card', variants: as === 'variants' } }));
      } catch (e) {
        if (e instanceof Error) {
          onFailed({ sheet: sheet.id, error: e });
        }
        throw e;
      }
    },
    onSuccess: (made) => {
      onRun(made);
      void queries.invalidateQueries();
    },
  });

  return (
    <Place
      title={formatMessage({ id: 'sheets.sheets' })}
      actions={
        <>
          <PackImport kit={kit} onTaken={() => void queries.invalidateQueries({ queryKey: served.sheets.queryKey })} />
          {sheets.length > 0 && (
            <a href={`/api/sheets/packs?sheets=${(open ? [open] : sheets).map((s) => s.id).join(',')}`} download>
              {open ? formatMessage({ id: 'sheets.pack.exportOne' }) : formatMessage({ id: 'sheets.pack.exportAll' })}
            </a>
          )}
        </>
      }
      about={open ? formatMessage({ id: 'sheets.list.version' }, { title: open.title, version: open.version, printed: open.printed }) : formatMessage({ id: 'sheets.list.new' })}
    >
      <Composer
        kit={kit}
        kinds={kinds}
        sheets={sheets}
        classes={classes}
        open={open}
        request={request}
        onRequest={setRequest}
        draft={draft.data}
        stale={draft.isPlaceholderData}
        error={draft.error ?? keep.error ?? failed ?? null}
        onSaveMine={() => void saveMine()}
        changed={changed}
        onKeep={() => keep.mutate()}
        keeping={keep.isPending}
        classId={classId}
        onClass={onClass}
        as={as}
        onAs={onAs}
        onPrint={() => classId && print.mutate(classId)}
        printing={print.isPending}
        run={run}
      />
    </Place>
  );
}
