import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useLocation, useNavigate, useParams } from 'react-router';
import { served } from '../api/served';
import { type Schemas } from '../api/client';
import { Failed } from '../design/States';
import { BenchEditor } from './BenchEditor';
import { colourLayer, type Kit, type StackData } from './stack';
import { PlaceLoading } from '../design/Place';
import { formatMessage } from '../words/intl';
import { usualPaper } from '../kit/usualPaper';

/** Try layers: the stack, what it looks like and why, and what else it could be. */
export default function Bench() {
  const { id } = useParams();
  const navigate = useNavigate();
  const { key, state } = useLocation() as { key: string; state: Brought | null };
  const [round, setRound] = useState(0);
  const kit = useQuery(served.kit);
  const stacks = useQuery({ ...served.stacks, placeholderData: keepPreviousData });
  const error = kit.error ?? stacks.error;
  if (error) {
    return <Failed error={error} />;
  }
  if (!kit.data || !stacks.data) {
    return <PlaceLoading title={formatMessage({ id: 'shell.bench' })} what={formatMessage({ id: 'bench.loading.bench' })} />;
  }
  const open = stacks.data.find((s) => s.id === id);
  return (
    <BenchEditor
      key={`${open?.id ?? `new ${key}`}.${round}`}
      kit={kit.data}
      stacks={stacks.data}
      open={open}
      start={open?.stack ?? state?.stack ?? first(kit.data)}
      brought={open ? undefined : state?.of}
      onOpen={(stack: Schemas['StackView'] | null) => void navigate(stack ? `/bench/${stack.id}` : '/bench')}
      onReload={() => setRound((r) => r + 1)}
    />
  );
}

/** A recipe brought from elsewhere. */
export interface Brought {
  stack: StackData;
  /** Where it comes from, in a few words. */
  of: string;
}

/** A red over a whisper of violet: a shade in the making. */
function first(kit: Kit): StackData {
  const paper = usualPaper(kit.papers);
  const byName = (name: string) => kit.pencils.find((p) => p.name === name)?.id;
  const violet = byName('Mussel Violet');
  const red = byName('Buoy Red') ?? kit.pencils.find((p) => !p.colourless)?.id;
  return {
    paper: paper?.id ?? '',
    layers: [...(violet ? [{ ...colourLayer(violet), pressure: 0.08 }] : []), ...(red ? [{ ...colourLayer(red), passes: 2 }] : [])],
  };
}
