/** The same words as the start of a sentence, or of a label. */
export const sentenceStart = (words: string): string => words && words[0].toUpperCase() + words.slice(1);
