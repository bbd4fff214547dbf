/** Whose body shows a drill that is nobody's yet: of middling build. */
export const ANYBODY = { heightM: 1.72, massKg: 72, segments: {} } as const;
