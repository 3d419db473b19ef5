const key = 'tropaeum-theme';
type Theme = 'light' | 'dark';

function current(): Theme {
  const kept = localStorage.getItem(key);
  if (kept === 'light' || kept === 'dark') return kept;
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light';
}

/** Puts the theme of the user, or of the system, on the page. */
export function applyTheme(): void {
  document.documentElement.dataset.theme = current();
}

export function toggleTheme(): void {
  localStorage.setItem(key, current() === 'dark' ? 'light' : 'dark');
  applyTheme();
}
