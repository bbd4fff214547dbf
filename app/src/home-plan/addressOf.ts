/**
 * Where a link leads. The page's token stands behind a #, which no server is ever sent; a calendar reads
 * addresses only, so its token is in the path.
 */
export const addressOf = (purpose: 'page' | 'calendar', token: string, origin: string): string =>
  purpose === 'page' ? `${origin}/home#${token}` : `${origin}/api/v1/calendar/${token}.ics`;
