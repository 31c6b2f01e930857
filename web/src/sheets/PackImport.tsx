import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { ApiError, api, body, type Schemas } from '../api/client';
import { Button, LinkButton, MainButton, Select } from '../design/Controls';
import { Notice } from '../design/States';
import { Grained } from '../design/Swatch';
import { colour, space } from '../design/tokens';
import { signed } from '../bench/words';
import { count, formatMessage } from '../words/intl';

interface Props {
  kit: Schemas['KitView'];
  onTaken: () => void;
}

/** Takes a lesson pack in: first what it holds and lacks, then, with stand-ins chosen, all of it or nothing. */
export function PackImport({ kit, onTaken }: Props) {
  const [pack, setPack] = useState<string>();
  const [open, setOpen] = useState(false);
  const [pencils, setPencils] = useState<Record<string, string>>({});
  const [papers, setPapers] = useState<Record<string, string>>({});
  const preview = useMutation({
    mutationFn: async (file: File) => {
      const text = await file.text();
      setPack(text);
      return body(api.POST('/api/sheets/packs/preview', { body: { pack: text } }));
    },
    onSuccess: (seen) => {
      setPencils(Object.fromEntries(seen.pencils.flatMap((p) => (p.standIns[0] ? [[p.key, p.standIns[0].pencil]] : []))));
      setPapers(Object.fromEntries(seen.papers.map((p) => [p.key, kit.papers[0]?.id ?? ''])));
    },
  });
  const take = useMutation({
    mutationFn: () => body(api.POST('/api/sheets/packs', { body: { pack: pack ?? '', pencils, papers } })),
    onSuccess: () => {
      setOpen(false);
      preview.reset();
      onTaken();
    },
  });
  const error = take.error ?? preview.error;
  const seen = preview.data;
  return (
    <Corner>
      <LinkButton onPress={() => setOpen(!open)} aria-expanded={open}>
        {formatMessage({ id: 'sheets.pack.importShort' })}
      </LinkButton>
      {open && (
        <Panel aria-label={formatMessage({ id: 'sheets.pack.import' })}>
          <Column>
            <FileTrigger acceptedFileTypes={['application/json', '.json']} onSelect={(files) => files?.[0] && preview.mutate(files[0])}>
              <Button>{formatMessage({ id: 'sheets.pack.choose' })}</Button>
            </FileTrigger>
            {error && (
              <Notice role="alert">
                {formatMessage({ id: 'sheets.pack.failed' }, { message: error instanceof ApiError ? error.message : formatMessage({ id: 'sheets.unreachable' }) })}
              </Notice>
            )}
            {seen && (
              <>
                <p>
                  <b>{count(seen.titles.length, 'sheet')}</b>: {seen.titles.join(', ')}
                </p>
                {seen.pencils.map((p) => (
                  <Select
                    key={p.key}
                    label={formatMessage({ id: 'sheets.pack.replacePencil' }, { name: p.name })}
                    value={pencils[p.key] ?? null}
                    onChange={(id) => setPencils({ ...pencils, [p.key]: id })}
                    choices={p.standIns.map((s) => ({
                      id: s.pencil,
                      name: s.name,
                      note: formatMessage({ id: 'sheets.box.difference' }, { deltaValue: signed(s.deltaValue), deltaHue: signed(s.deltaHue) }),
                      mark: <Grained colour={s.colour} />,
                    }))}
                  />
                ))}
                {seen.papers.map((p) => (
                  <Select
                    key={p.key}
                    label={formatMessage({ id: 'sheets.pack.replacePaper' }, { name: p.name })}
                    value={papers[p.key] ?? null}
                    onChange={(id) => setPapers({ ...papers, [p.key]: id })}
                    choices={kit.papers.map((x) => ({ id: x.id, name: x.name }))}
                  />
                ))}
                <MainButton onPress={() => take.mutate()} isDisabled={take.isPending}>
                  {formatMessage({ id: 'sheets.pack.confirm' }, { sheets: seen.titles.length })}
                </MainButton>
              </>
            )}
            <LinkButton onPress={() => setOpen(false)}>{formatMessage({ id: 'sheets.close' })}</LinkButton>
          </Column>
        </Panel>
      )}
    </Corner>
  );
}

const Corner = styled.div`position: relative;`;
const Panel = styled.section`
  position: absolute;
  right: 0;
  top: 100%;
  z-index: 5;
  width: 380px;
  border: 1px solid ${colour.ink};
  background: ${colour.raised};
`;
const Column = styled.div`display: flex; flex-direction: column; gap: ${space(3)}; padding: ${space(4)};`;
