import { createGlobalStyle } from 'styled-components';
import { colour, faces, sizes, surroundProperties } from './tokens';

export const GlobalStyle = createGlobalStyle`
  :root { ${surroundProperties('light')} }
  :root[data-surround='middle'] { ${surroundProperties('middle')} }
  :root[data-surround='dark'] { ${surroundProperties('dark')} color-scheme: dark; }

  *, *::before, *::after { box-sizing: border-box; }
  html, body, #root { height: 100%; }
  body {
    margin: 0;
    background: ${colour.paper};
    color: ${colour.ink};
    font: 400 ${sizes.text}/1.4 ${faces.text};
    font-variant-numeric: tabular-nums lining-nums;
    -webkit-font-smoothing: antialiased;
  }
  h1, h2, h3 { font-family: ${faces.head}; font-weight: 600; line-height: 1.15; margin: 0; }
  h1 { font-size: ${sizes.display}; }
  h2 { font-size: ${sizes.head}; }
  h3 { font-size: ${sizes.lead}; }
  p { margin: 0; }
  a { color: inherit; text-underline-offset: 0.18em; text-decoration-thickness: 1px; }
  button { min-width: 24px; min-height: 24px; }
  button, input, textarea, select { font: inherit; color: inherit; }
  :focus-visible, [data-focus-visible] { outline: 2px solid ${colour.ink}; outline-offset: 2px; }
  table { border-collapse: collapse; }
  @media (prefers-reduced-motion: reduce) { *, *::before { transition: none !important; animation: none !important; } }
`;
