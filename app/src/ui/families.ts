/** The family of text, and what stands in for it until it is there. */
export const TEXT_FAMILY = "Atkinson, 'Atkinson stand-in', sans-serif";
/** The family of headings and figures, likewise. */
export const HEADING_FAMILY = "Besley, 'Besley stand-in', serif";
