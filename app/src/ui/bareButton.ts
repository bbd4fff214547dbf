/** A button that looks like what stands in it. */
export const BARE_BUTTON = {
  padding: 0,
  border: 'none',
  background: 'transparent',
  textAlign: 'left',
  cursor: 'pointer',
  display: 'flex',
  alignItems: 'flex-start',
} as const;
