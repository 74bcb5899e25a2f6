/** The attribute of a style that came with the page: the names of what it styles. */
export const STYLES_IN_PAGE = 'data-styles';

const inPage = (): Element[] =>
  typeof window === 'undefined' ? [] : [...document.querySelectorAll(`[${STYLES_IN_PAGE}]`)];

/**
 * Names of the styles that came with the page. They stay where they stand: the library of styles would move its own into
 * the head, and each move has the browser read them, style the page and lay it out anew.
 */
export const namesInPage = (): string[] =>
  inPage().flatMap((style) => style.getAttribute(STYLES_IN_PAGE)!.split(' '));

/** Where styles of what comes later stand: after all others, else the browser would read those before them again. */
export const endOfPage = (): HTMLElement | undefined =>
  typeof window === 'undefined' ? undefined : document.body;

/** Whether the page came with the styles of the whole page; where the server failed, it did not. */
export const isPageStyled = (): boolean => inPage().length > 0;
