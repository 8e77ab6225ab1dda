const LONGEST_TITLE = 200;
const AFTER_THE_NAME = /[([,:]|\s(?:[–-]|in|from|for|with|without)\s/;

/** "Pear and cardamom loaf (for two)" is called a loaf: the title without what follows its name. A hyphen within a word ends nothing. */
export const nameOf = (title: string): string => title.slice(0, LONGEST_TITLE).split(AFTER_THE_NAME, 1).join('').trim();
