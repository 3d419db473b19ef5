import type { Page } from '@playwright/test';

export const foot = (page: Page, id: string) => page.locator(`[data-foot="${id}"]`);
export const footWords = (page: Page, id: string) => foot(page, id).getAttribute('aria-label');
