/** As low as anybody goes on one leg of his own accord, thigh above level in degrees: strength ends there, not range. Ours. */
export const ONE_LEG_DEPTH_DEG = 26;
