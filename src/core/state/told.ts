/** What is entered where there was no tool for a test. */
export const noTool = 'could-not:no-tool';

/**
 * Whether an entry of a test tells anything at all: what was left out, or could not be done for want of a tool, does not.
 * @param entry of which the outcome is read
 */
export const tellsSomething = ({ outcome }: { outcome: string }): boolean => outcome !== 'skipped' && outcome !== noTool;
