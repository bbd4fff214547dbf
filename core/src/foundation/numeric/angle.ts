/** Degrees and radians meet only here; everything inside the body model is in radians. */
export const radOfDeg = (deg: number): number => (deg * Math.PI) / 180;
export const degOfRad = (rad: number): number => (rad * 180) / Math.PI;
