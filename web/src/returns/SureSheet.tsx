import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import styled from 'styled-components';
import { keysOf } from '../api/served';
import { api, body, type Schemas } from '../api/client';
import { MainButton } from '../design/Controls';
import { Level } from '../design/Level';
import { Failed } from '../design/States';
import { colour, sizes, space } from '../design/tokens';
import { useKeys } from '../design/useKeys';
import { causeWords, levelNames } from '../words/words';
import { pictureOf } from './pictures';
import { formatMessage } from '../words/intl';

type Sure = Schemas['SureView'];
type Goal = Schemas['SureGoalView'];

/** So many fields of a page are shown: a whole scale, whose darkest box comes last, and of longer pages whose hand it is. */
const MOST_CROPS = 12;

/**
 * Pages whose figures leave nothing open, side by side: looked through and accepted in one press (A), or opened one by one.
 */
export function SureSheet({ pages, runId, onAccepted }: { pages: Sure[]; runId: string; onAccepted: () => void }) {
  const queries = useQueryClient();
  const accept = useMutation({
    mutationFn: () =>
      body(
        api.POST('/api/returns/runs/{run}/sure', {
          params: { path: { run: runId } },
          body: { pages: pages.map((p) => ({ page: p.id, read: p.read })) },
        }),
      ),
    onSuccess: async (left) => {
      queries.setQueryData(['returns', runId, 'sure'], left);
      await Promise.all(['returns', 'page', 'wall', 'today'].map((key) => queries.invalidateQueries({ queryKey: [key] })));
      onAccepted();
    },
    onError: () => queries.invalidateQueries({ queryKey: keysOf.returns }),
  });
  const heads = sameGoals(pages);
  useKeys((key) => {
    if (key === 'a' && !accept.isPending && pages.length > 0) {
      accept.mutate();
    }
    return key === 'a';
  });

  return (
    <Sheet aria-label={formatMessage({ id: 'returns.sure.title' })}>
      <Head>
        <div>
          <h2>{formatMessage({ id: 'returns.sure.count' }, { pages: pages.length })}</h2>
          <p>{formatMessage({ id: 'returns.sure.help' })}</p>
          {heads.length > 0 && <p>{formatMessage({ id: 'returns.sure.columns' }, { goals: heads.join(' · ') })}</p>}
        </div>
        <MainButton onPress={() => accept.mutate()} isDisabled={accept.isPending || pages.length === 0}>
          {formatMessage({ id: 'returns.action.accept' }, { pages: pages.length, kbd: (words) => <kbd>{words}</kbd> })}
        </MainButton>
      </Head>
      {accept.error && <Failed error={accept.error} />}
      <Cards>
        {pages.map((page) => (
          <li key={page.id}>
            <Name>
              <Link to={`/returns/${runId}/${page.id}`}>{page.student.name}</Link>
              <Levels aria-label={formatMessage({ id: 'returns.history.levels' }, { levels: page.goals.map((g) => g.level).join(', ') })}>
                {page.goals.map((g, i) => (
                  <Level key={i} level={g.level} size={16} />
                ))}
              </Levels>
            </Name>
            <Crops>
              {page.fields.slice(0, MOST_CROPS).map((field) => (
                <img key={field} src={pictureOf(page.id, page.read, field)} alt="" loading="lazy" />
              ))}
            </Crops>
            <Line>{lineOf(page.goals)}</Line>
          </li>
        ))}
      </Cards>
    </Sheet>
  );
}

/** What the levels of all pages stand for, from left to right; nothing where pages differ. */
function sameGoals(pages: readonly Sure[]): string[] {
  const [first = [], ...others] = pages.map((p) => p.goals.map((g) => g.label));
  return others.every((labels) => labels.join() === first.join()) ? first : [];
}

/** What a teacher would want to know of a page first: its weakest goal and why, else where it goes beyond. */
export function lineOf(goals: readonly Goal[]): string {
  const weakest = [...goals].sort((a, b) => a.level - b.level)[0];
  if (weakest && weakest.level < 3) {
    const why = weakest.sign ? `: ${causeWords({ sign: weakest.sign }, weakest.field)}` : '';
    return `${weakest.label} ${levelNames[weakest.level] ?? ''}${why}`;
  }
  const beyond = goals.filter((g) => g.level === 4).map((g) => g.label.toLowerCase());
  return beyond.length > 0 ? formatMessage({ id: 'returns.row.allSecureBeyond' }, { goals: beyond.join(', ') }) : formatMessage({ id: 'returns.row.allSecure' });
}

const Sheet = styled.section`overflow: auto; padding: ${space(4)} ${space(6)} ${space(8)};`;
const Head = styled.div`
  display: flex;
  justify-content: space-between;
  align-items: flex-start;
  gap: ${space(6)};
  margin-bottom: ${space(4)};
  h2 { margin: 0; }
  p { margin: ${space(1)} 0 0; color: ${colour.muted}; max-width: 60ch; }
  @media (max-width: 720px) { display: block; button { margin-top: ${space(3)}; } }
`;
const Cards = styled.ol`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(290px, 1fr));
  gap: ${space(4)} ${space(6)};
  margin: 0;
  padding: 0;
  list-style: none;
  li { border-top: 1px solid ${colour.line}; padding-top: ${space(2)}; min-width: 0; }
`;
const Name = styled.div`
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: ${space(2)};
  a { font-weight: 600; overflow: hidden; text-overflow: ellipsis; white-space: nowrap; }
`;
const Levels = styled.span`display: flex; gap: 2px; flex: none;`;
const Crops = styled.div`
  display: flex;
  gap: 3px;
  height: 56px;
  margin: ${space(2)} 0;
  overflow: hidden;
  img { height: 100%; min-width: 0; object-fit: contain; background: ${colour.wash}; }
`;
const Line = styled.p`margin: 0; font-size: ${sizes.small}; color: ${colour.muted};`;
