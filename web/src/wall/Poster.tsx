import { useState } from 'react';
import { Dialog, DialogTrigger, Popover } from 'react-aria-components';
import styled from 'styled-components';
import { LinkButton, Segments } from '../design/Controls';
import { colour, sizes, space } from '../design/tokens';
import { formatMessage } from '../words/intl';

const formats = [
  { id: 'A3', name: 'A3' },
  { id: 'A2', name: 'A2' },
] as const;
const labels = [
  { id: 'NAMES', name: formatMessage({ id: 'wall.names' }) },
  { id: 'NUMBERS', name: formatMessage({ id: 'wall.numbers' }) },
  { id: 'NONE', name: formatMessage({ id: 'wall.nothing' }) },
] as const;

/** The wall to be printed large. @param of its address in the API, without what is chosen here */
export function Poster({ of }: { of: string }) {
  const [format, setFormat] = useState<(typeof formats)[number]['id']>('A3');
  const [label, setLabel] = useState<(typeof labels)[number]['id']>('NAMES');
  return (
    <DialogTrigger>
      <LinkButton>{formatMessage({ id: 'wall.poster' })}</LinkButton>
      <Pane placement="bottom end">
        <Inside aria-label={formatMessage({ id: 'wall.poster.title' })}>
          <Segments label={formatMessage({ id: 'wall.paper' })} value={format} onChange={setFormat} choices={formats} />
          <Segments label={formatMessage({ id: 'wall.pictures.beside' })} value={label} onChange={setLabel} choices={labels} />
          <p>{formatMessage({ id: 'wall.poster.help' })}</p>
          <a href={`${of}/poster.pdf?format=${format}&labels=${label}`} target="_blank" rel="noreferrer">
            {formatMessage({ id: 'wall.redo.open' })}
          </a>
        </Inside>
      </Pane>
    </DialogTrigger>
  );
}

const Pane = styled(Popover)`border: 1px solid ${colour.ink}; background: ${colour.paper}; width: min(300px, 94vw);`;
const Inside = styled(Dialog)`display: flex; flex-direction: column; gap: ${space(3)}; padding: ${space(4)}; & p { font-size: ${sizes.small}; color: ${colour.muted}; }`;
