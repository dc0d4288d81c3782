import './fonts.css';
import './tokens.css';
import './designer.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { App as Messages, ConfigProvider } from 'antd';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router-dom';
import { Problem } from './api/client';
import { App } from './app/App';
import { fetchAhead } from './project/opening';
import { theme } from './theme';

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      refetchOnWindowFocus: false,
      retry: (times, error) => times < 2 && !(error instanceof Problem && error.status >= 400),
    },
  },
});

fetchAhead(queries, location.pathname);

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <ConfigProvider theme={theme} wave={{ disabled: true }}>
        <Messages>
          <QueryClientProvider client={queries}>
            <BrowserRouter>
              <App />
            </BrowserRouter>
          </QueryClientProvider>
        </Messages>
      </ConfigProvider>
    </StrictMode>,
  );
}
