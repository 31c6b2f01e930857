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
import { newQueryClient } from './api/queryClient';
import { basename } from './api/sharedClass';
import { ConnectionNotice } from './ConnectionNotice';
import { ErrorBoundary } from './ErrorBoundary';
import { GlobalStyle } from './design/GlobalStyle';
import { Tooth } from './design/Swatch';

const queries = newQueryClient();

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <BrowserRouter basename={basename}>
          <GlobalStyle />
          <Tooth />
          <ErrorBoundary>
            <App />
          </ErrorBoundary>
          <ConnectionNotice />
        </BrowserRouter>
      </QueryClientProvider>
    </StrictMode>,
  );
}
