import { useEffect } from 'react';

/** A text as a string of a style sheet: whatever could end it is written as its code. */
const cssString = (text: string): string =>
  `"${text.replace(/["\\\n\r\f<]/g, (sign) => `\\${sign.codePointAt(0)!.toString(16)} `)}"`;

/** What stands at the foot of every printed page: what it is of, and which page of how many. */
export function usePageRule(paper: string, foot: string): void {
  useEffect(() => {
    // The strict content policy takes no style elements; a sheet made by script it does.
    const sheet = new CSSStyleSheet();
    sheet.replaceSync(`@page {
      size: ${paper} portrait;
      margin: 14mm 13mm 18mm;
      @bottom-left { content: ${cssString(foot)}; font: 8pt sans-serif; }
      @bottom-right { content: "page " counter(page) " of " counter(pages); font: 8pt sans-serif; }
    }`);
    document.adoptedStyleSheets.push(sheet);
    return () => {
      document.adoptedStyleSheets = document.adoptedStyleSheets.filter((each) => each !== sheet);
    };
  }, [paper, foot]);
}
