import '../fonts.css';
import '../tokens.css';
import './client.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { ClientApp } from './ClientApp';
import { ClientForm } from './ClientForm';

const [, what, token = ''] = window.location.pathname.split('/');
const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>{what === 'f' ? <ClientForm token={token} /> : <ClientApp token={token} />}</StrictMode>,
  );
}
