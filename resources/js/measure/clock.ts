/** Day and time as they are said in the language of the page. */
export const clock = (at: Date): string =>
    at.toLocaleString(document.documentElement.lang === 'en' ? 'en-GB' : document.documentElement.lang, {
        day: 'numeric',
        month: 'short',
        hour: '2-digit',
        minute: '2-digit',
    });
