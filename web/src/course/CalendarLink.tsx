import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Dialog, DialogTrigger, Popover } from 'react-aria-components';
import styled from 'styled-components';
import { served } from '../api/served';
import { api, body } from '../api/client';
import { Button as Plate, LinkButton } from '../design/Controls';
import { Notice } from '../design/States';
import { Row, Small } from '../design/Text';
import { colour, sizes, space } from '../design/tokens';
import { dayOf } from '../words/words';
import type { Lane } from './words';
import { formatMessage } from '../words/intl';

/** The periods for a calendar program: a file, or a private address that keeps itself up to date. */
export function CalendarLink({ lane }: { lane: Lane }) {
  return (
    <DialogTrigger>
      <Plate>{formatMessage({ id: 'course.calendar.open' })}</Plate>
      <Pane placement="bottom end">
        <Dialog aria-label={formatMessage({ id: 'course.calendar.title' })}>
          <Inside lane={lane} />
        </Dialog>
      </Pane>
    </DialogTrigger>
  );
}

function Inside({ lane }: { lane: Lane }) {
  const queries = useQueryClient();
  const feed = useQuery(served.feed);
  const refresh = () => queries.invalidateQueries({ queryKey: served.feed.queryKey });
  const make = useMutation({ mutationFn: () => body(api.POST('/api/courses/feed')), onSuccess: refresh });
  const revoke = useMutation({
    mutationFn: () => api.DELETE('/api/courses/feed'),
    onSuccess: () => {
      make.reset();
      return refresh();
    },
  });
  const address = make.data ? window.location.origin + make.data.path : '';
  return (
    <Sheet>
      <h2>{formatMessage({ id: 'course.calendar.title' })}</h2>
      <p>
        <a href={`/api/courses/${lane.schoolClass}/calendar.ics`} download>
          {formatMessage({ id: 'course.outlines.export' }, { name: lane.name })}
        </a>
        {' · '}
        <a href="/api/courses/calendar.ics" download>
          {formatMessage({ id: 'course.allClasses' })}
        </a>
      </p>
      <h3>{formatMessage({ id: 'course.calendar.address' })}</h3>
      {address ? (
        <>
          <Address>{address}</Address>
          <Small>{formatMessage({ id: 'course.calendar.shownOnce' })}</Small>
        </>
      ) : feed.data?.since ? (
        <Small>{formatMessage({ id: 'course.calendar.replaces' }, { since: dayOf(feed.data.since) })}</Small>
      ) : (
        <Small>{formatMessage({ id: 'course.calendar.help' })}</Small>
      )}
      <Row $gap={4}>
        <Plate isDisabled={make.isPending} onPress={() => make.mutate()}>
          {feed.data?.since ? formatMessage({ id: 'course.calendar.newAddress' }) : formatMessage({ id: 'course.calendar.makeAddress' })}
        </Plate>
        {feed.data?.since && <LinkButton onPress={() => revoke.mutate()}>{formatMessage({ id: 'course.calendar.revoke' })}</LinkButton>}
      </Row>
      {(make.error ?? revoke.error) && <Notice role="alert">▲ {(make.error ?? revoke.error)?.message}</Notice>}
    </Sheet>
  );
}

const Pane = styled(Popover)`border: 1px solid ${colour.ink}; background: ${colour.paper}; width: min(420px, 94vw);`;
const Sheet = styled.div`display: flex; flex-direction: column; gap: ${space(2)}; padding: ${space(4)}; h3 { font-size: ${sizes.text}; }`;
const Address = styled.code`overflow-wrap: anywhere; padding: ${space(2)}; background: ${colour.wash}; user-select: all;`;
