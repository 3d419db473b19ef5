/** What is asked for most, by what coaches and phones do all day. */
export const commonest = [
  'GET /me',
  'GET /squads',
  'GET /athletes/:id',
  'GET /sessions/:id',
  'GET /squads/:id/season',
  'GET /outbox',
  'GET /sports',
  'GET /sessions/:id/return',
  'GET /link/:token/',
  'POST /link/:token/logs',
];
