import '@fontsource/source-sans-3/latin-400.css';
import '@fontsource/source-sans-3/latin-600.css';
import '@fontsource/source-sans-3/latin-ext-400.css';
import '@fontsource/source-sans-3/latin-ext-600.css';
import '@fontsource/source-sans-3/vietnamese-400.css';
import '@fontsource/source-sans-3/vietnamese-600.css';
import '@fontsource/source-serif-4/latin-600.css';
import '@fontsource/source-serif-4/latin-ext-600.css';
import { QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { App } from './App';
import { newQueries } from './api/queries';
import { basename } from './api/sharedClass';
import { Connection } from './Connection';
import { Guarded } from './Guarded';
import { GlobalStyle } from './design/GlobalStyle';
import { Tooth } from './design/Swatch';

const queries = newQueries();

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <BrowserRouter basename={basename}>
          <GlobalStyle />
          <Tooth />
          <Guarded>
            <App />
          </Guarded>
          <Connection />
        </BrowserRouter>
      </QueryClientProvider>
    </StrictMode>,
  );
}
