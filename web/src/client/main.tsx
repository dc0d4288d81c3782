import '../fonts.css';
import '../tokens.css';
import './client.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { ClientApp } from './ClientApp';

const token = window.location.pathname.split('/')[2] ?? '';
const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <ClientApp token={token} />
    </StrictMode>,
  );
}
