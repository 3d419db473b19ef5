import { registerSW } from 'virtual:pwa-register';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import '../styles.css';
import { AthletePage } from './AthletePage';
import { Door } from './Door';

/** The phone's own page: no desk, no router, so that it stands at once. */
const token = decodeURIComponent(location.pathname.split('/')[2] ?? '');
registerSW({ immediate: true });
const root = document.getElementById('root');
if (root) createRoot(root).render(<StrictMode>{token ? <AthletePage token={token} /> : <Door />}</StrictMode>);
