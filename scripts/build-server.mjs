import { bundle } from './bundle.mjs';

await bundle('server', { main: 'main.ts', prepare: 'prepare.ts', 'calendar-worker': 'feeds/calendar-worker.ts' });
