import { useQuery } from '@tanstack/react-query';
import styled from 'styled-components';
import { deskOf } from '../api/sharedClass';
import { served } from '../api/served';
import { colour, sizes, space } from '../design/tokens';
import { formatMessage } from '../words/intl';

/** Classes that colleagues share, each a desk of its own. Nothing where there are none. */
export function FromColleagues() {
  const classes = useQuery(served.sharedClasses);
  if (!classes.data?.length) {
    return null;
  }
  return (
    <section aria-label={formatMessage({ id: 'classes.shared.heading' })}>
      <Head>{formatMessage({ id: 'classes.shared.heading' })}</Head>
      {classes.data.map((c) => (
        <Desk key={c.schoolClass} href={deskOf(c.schoolClass)}>
          <b>{c.name}</b>
          <span>
            {c.owner} · {c.right === 'MARK' ? formatMessage({ id: 'classes.sharing.lookAndMark' }) : formatMessage({ id: 'classes.sharing.look' })}
          </span>
        </Desk>
      ))}
    </section>
  );
}

const Head = styled.h3`
  margin: ${space(5)} 0 ${space(1)};
  padding: 0 ${space(6)};
  font-size: ${sizes.small};
  color: ${colour.muted};
`;
const Desk = styled.a`
  display: block;
  padding: ${space(2)} ${space(6)};
  text-decoration: none;
  &:hover { background: ${colour.wash}; }
  b { display: block; font-weight: 600; }
  span { font-size: ${sizes.small}; color: ${colour.muted}; }
`;
