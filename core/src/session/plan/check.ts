export interface Check {
  id: string;
  status: 'ok' | 'warn' | 'stop';
  text: string;
}

/** One check with its words: `ok` where it is fine, else what else it is. @example check('time', true, '28.0 of 30 minutes') // { id: 'time', status: 'ok', ... } */
export const check = (id: string, fine: boolean, text: string, bad: Check['status'] = 'warn'): Check => ({
  id,
  status: fine ? 'ok' : bad,
  text,
});
