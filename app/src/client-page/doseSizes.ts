/** Room that the drawings of a dose take, also while they are not there yet; in pixels. */
export const DOSE_FIGURE = { width: 92, height: 84 } as const;
export const DONE_MARK = { width: 34, height: 32 } as const;
