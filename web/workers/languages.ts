/** The languages a label may be printed in: those whose words the reader of labels knows. */
export const LABEL_LANGUAGES = ['eng', 'deu', 'fra', 'spa', 'ita'] as const;
