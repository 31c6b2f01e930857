import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { served } from '../../api/served';
import { Button, LinkButton } from '../../design/Controls';
import { Level } from '../../design/Level';
import { ScrollRegion } from '../../design/Table';
import { Notice } from '../../design/States';
import { Small } from '../../design/Text';
import { colour, space } from '../../design/tokens';
import { dayOf } from '../../words/words';
import { formatMessage } from '../../words/intl';
import { archiveOf, type ArchivedPage, type ClassArchive } from './classArchive';

/** An archive of a class, looked at and never changed: it is read in the browser and kept nowhere. */
export function OpenArchive() {
  const [archive, setArchive] = useState<ClassArchive>();
  const [problem, setProblem] = useState<string>();
  const [page, setPage] = useState<ArchivedPage>();
  const open = async (file: File) => {
    setProblem(undefined);
    setPage(undefined);
    try {
      setArchive(archiveOf(new Uint8Array(await file.arrayBuffer())));
    } catch (error) {
      setArchive(undefined);
      setProblem(error instanceof SyntaxError || !(error instanceof Error) ? formatMessage({ id: 'classes.archive.notOne' }) : error.message);
    }
  };
  return (
    <Sheet>
      <h2>{archive ? archive.name : formatMessage({ id: 'classes.archive.title' })}</h2>
      <Small>
        {archive
          ? formatMessage({ id: 'classes.archive.made' }, { day: dayOf(archive.made), pages: archive.pages.length, students: archive.students.length })
          : formatMessage({ id: 'classes.archive.help' })}
      </Small>
      <FileTrigger
        acceptedFileTypes={['application/zip', '.zip']}
        onSelect={(files) => {
          const [file] = Array.from(files ?? []);
          if (file) {
            void open(file);
          }
        }}
      >
        <Button>{formatMessage({ id: 'classes.archive.choose' })}</Button>
      </FileTrigger>
      {problem && <Notice role="alert">▲ {problem}</Notice>}
      {archive && page && <Picture archive={archive} page={page} onClose={() => setPage(undefined)} />}
      {archive && <Pages archive={archive} onPage={setPage} />}
    </Sheet>
  );
}

function Pages({ archive, onPage }: { archive: ClassArchive; onPage: (page: ArchivedPage) => void }) {
  return (
    <ScrollRegion label={formatMessage({ id: 'classes.archive.pages' })}>
      <Table>
        <thead>
          <tr>
            <th scope="col">{formatMessage({ id: 'classes.archive.student' })}</th>
            {archive.printings.map((p) => (
              <th key={p.id} scope="col">
                {p.title} <Small>{dayOf(p.printed)}</Small>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {archive.students.map((s) => (
            <tr key={s.id}>
              <th scope="row">{s.name}</th>
              {archive.printings.map((p) => (
                <td key={p.id}>
                  {archive.pages
                    .filter((page) => page.student === s.id && page.printing === p.id)
                    .map((page) => (
                      <Given key={page.id}>
                        {page.goals.map((g, i) => (
                          <Level key={i} level={g.level} size={18} />
                        ))}
                        <LinkButton aria-label={formatMessage({ id: 'classes.archive.page' }, { name: s.name, title: p.title })} onPress={() => onPage(page)}>
                          {formatMessage({ id: 'classes.archive.look' })}
                        </LinkButton>
                      </Given>
                    ))}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </Table>
    </ScrollRegion>
  );
}

function Picture({ archive, page, onClose }: { archive: ClassArchive; page: ArchivedPage; onClose: () => void }) {
  const meanings = useQuery(served.meanings);
  const address = useMemo(() => {
    const blob = archive.picture(page);
    return blob && URL.createObjectURL(blob);
  }, [archive, page]);
  useEffect(() => () => (address ? URL.revokeObjectURL(address) : undefined), [address]);
  const name = archive.students.find((s) => s.id === page.student)?.name ?? '';
  return (
    <Shown>
      {address ? <img src={address} alt={formatMessage({ id: 'classes.archive.pictureOf' }, { name })} /> : <p>{formatMessage({ id: 'classes.archive.noPicture' })}</p>}
      <div>
        <h3>{name}</h3>
        <Small>{dayOf(page.received)}</Small>
        <ul>
          {page.goals.map((g, i) => (
            <li key={i}>
              <Level level={g.level} size={18} /> {meanings.data?.find((m) => m.code === g.goal)?.label ?? g.goal}
            </li>
          ))}
        </ul>
        <Button onPress={onClose}>{formatMessage({ id: 'classes.archive.close' })}</Button>
      </div>
    </Shown>
  );
}

const Sheet = styled.div`
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: ${space(3)};
  padding: ${space(5)} ${space(6)};
  min-width: 0;
  overflow: auto;
`;
const Table = styled.table`
  border-collapse: collapse;
  th, td { padding: ${space(1)} ${space(2)}; border-bottom: 1px solid ${colour.line}; text-align: left; vertical-align: top; font-weight: 400; }
`;
const Given = styled.div`display: flex; align-items: center; gap: 2px; padding: 2px 0; button { margin-left: ${space(2)}; }`;
const Shown = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: ${space(5)};
  img { max-width: 100%; max-height: 420px; border: 1px solid ${colour.line}; }
  ul { list-style: none; margin: ${space(2)} 0; padding: 0; }
  li { display: flex; align-items: center; gap: ${space(2)}; padding: 2px 0; }
`;
