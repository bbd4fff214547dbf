/** How a sentence begins that tells of help; all others of how a drill is done are cautions. */
export const HELP_STAYS = 'What helped stays: ';

/** Whether a sentence of how a drill is done tells of help and not of care. */
export const isHelp = (says: string): boolean => says.startsWith(HELP_STAYS);
