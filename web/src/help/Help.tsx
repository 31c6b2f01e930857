import { useEffect } from 'react';
import Markdown from 'react-markdown';
import { useLocation } from 'react-router';
import styled from 'styled-components';
import { Place } from '../design/Place';
import { colour, sizes, space } from '../design/tokens';
import { sections } from './guide';
import { formatMessage } from '../words/intl';

/** The pictures that the guide shows, by their names there. */
const pictures = import.meta.glob<string>('../../../docs/screenshots/{kit,sheets,today,returns,course,wall}.png', { eager: true, query: '?url', import: 'default' });
const picture = (name: string) => Object.entries(pictures).find(([path]) => path.endsWith(`/${name}`))?.[1] ?? '';

/** The guide, from the file that ships with the program. */
export default function Help() {
  const { hash } = useLocation();
  useEffect(() => {
    document.getElementById(hash.slice(1))?.scrollIntoView();
  }, [hash]);
  return (
    <Place title={formatMessage({ id: 'help.title' })} about={formatMessage({ id: 'help.italics' })}>
      <Layout>
        <nav aria-label={formatMessage({ id: 'help.contents' })}>
          {sections.map((s) => (
            <a key={s.id} href={`#${s.id}`}>
              {s.title}
            </a>
          ))}
        </nav>
        <Text tabIndex={0} role="region" aria-label={formatMessage({ id: 'help.loading.guide' })}>
          {sections.map((s) => (
            <section key={s.id} id={s.id} aria-label={s.title}>
              <h2>{s.title}</h2>
              <Markdown urlTransform={(url) => (url.startsWith('screenshots/') ? picture(url.slice('screenshots/'.length)) : url)}>{s.text}</Markdown>
            </section>
          ))}
        </Text>
      </Layout>
    </Place>
  );
}

const Layout = styled.div`
  display: grid;
  grid-template-columns: 208px minmax(0, 1fr);
  min-height: 0;
  overflow: hidden;
  & > nav { display: flex; flex-direction: column; gap: ${space(3)}; padding: ${space(5)} ${space(4)} ${space(5)} ${space(6)}; border-right: 1px solid ${colour.line}; overflow: auto; }
  @media (max-width: 720px) { grid-template-columns: minmax(0, 1fr); overflow: visible; & > nav { border-right: 0; } }
`;
const Text = styled.div`
  padding: ${space(4)} ${space(6)} ${space(8)};
  overflow: auto;
  & section { max-width: 68ch; scroll-margin-top: ${space(4)}; margin-bottom: ${space(6)}; }
  & h3 { margin: ${space(4)} 0 0; font-size: ${sizes.text}; }
  & p { margin: ${space(2)} 0; }
  & li { margin: ${space(2)} 0; line-height: 1.5; }
  & ul, & ol { padding-left: ${space(5)}; }
  & img { display: block; width: 100%; margin: ${space(3)} 0; border: 1px solid ${colour.line}; }
  & code { font-size: ${sizes.small}; background: ${colour.wash}; padding: 0 3px; }
`;
