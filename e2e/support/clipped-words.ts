/**
 * Words of a page that are not all to be seen: cut by what they stand in, beyond the frame that they stand in, or drawn
 * beyond their drawing. What can be scrolled to is to be seen. Runs in the page.
 */
export function clippedWords(): string[] {
  const [slack, slackUpright] = [1.5, 4];
  const found = new Set<string>();
  const isShown = (element: Element) =>
    element.checkVisibility({ opacityProperty: true, visibilityProperty: true });
  const short = (words: string) => words.trim().replace(/\s+/g, ' ').slice(0, 60);
  const isBeside = (box: DOMRect, edge: DOMRect) =>
    box.left < edge.left - slack || box.right > edge.right + slack;
  const isAboveOrBelow = (box: DOMRect, edge: DOMRect) =>
    box.top < edge.top - slackUpright || box.bottom > edge.bottom + slackUpright;
  const cuts = (overflow: string) => overflow === 'hidden' || overflow === 'clip';
  const scrolls = (overflow: string) => overflow === 'auto' || overflow === 'scroll';

  /** Whether a box is cut by anything around it that does not scroll. */
  const isCut = (box: DOMRect, from: Element | null): boolean => {
    let [sideways, upright] = [true, true];
    for (let around = from; around?.parentElement; around = around.parentElement) {
      const style = getComputedStyle(around);
      // What is for ears alone is cut on purpose.
      if (style.clipPath !== 'none') return false;
      const edge = around.getBoundingClientRect();
      if (sideways && cuts(style.overflowX) && isBeside(box, edge)) return true;
      if (upright && cuts(style.overflowY) && isAboveOrBelow(box, edge)) return true;
      if (scrolls(style.overflowX)) sideways = false;
      if (scrolls(style.overflowY)) upright = false;
      if (style.position === 'fixed') return false;
    }
    return false;
  };

  /** Whether a box reaches beyond the frame that it stands in. */
  const isSpilt = (box: DOMRect, from: Element): boolean => {
    for (let around: Element | null = from; around; around = around.parentElement) {
      const style = getComputedStyle(around);
      if (style.clipPath !== 'none' || style.overflowX !== 'visible') return false;
      const isFramed = [style.borderLeftWidth, style.borderRightWidth].every(
        (width) => parseFloat(width) > 0,
      );
      const edge = around.getBoundingClientRect();
      if (isFramed && (isBeside(box, edge) || box.bottom > edge.bottom + slackUpright)) return true;
      // What is laid over the page has a frame of its own.
      if (style.position === 'absolute' || style.position === 'fixed') return false;
    }
    return false;
  };

  const lookAtWords = (text: Node) => {
    const { parentElement: parent, textContent: words } = text;
    if (!parent || !words?.trim() || !isShown(parent)) return;
    // Of a switch one word is to be seen; the other stands outside of it.
    if (parent.closest('svg, script, style, noscript, option, .ant-switch')) return;
    const range = document.createRange();
    range.selectNodeContents(text);
    const boxes = [...range.getClientRects()].filter(
      ({ width, height }) => width > 1 && height > 1,
    );
    if (boxes.some((box) => isCut(box, parent))) found.add(`cut: ${short(words)}`);
    if (boxes.some((box) => isSpilt(box, parent))) found.add(`beyond its frame: ${short(words)}`);
  };
  const lookAtDrawn = (text: SVGTextElement) => {
    const drawing = text.ownerSVGElement;
    if (!drawing || !isShown(text) || !text.textContent.trim()) return;
    const [box, edge] = [text.getBoundingClientRect(), drawing.getBoundingClientRect()];
    if (isBeside(box, edge) || isAboveOrBelow(box, edge) || isCut(box, drawing.parentElement))
      found.add(`beyond its drawing: ${short(text.textContent)}`);
  };
  const lookAtCell = (cell: HTMLInputElement) => {
    // A name may be longer than any cell: it moves on in it.
    const isName = /, (name|notes)$/.test(cell.getAttribute('aria-label') ?? '');
    if (isShown(cell) && !isName && cell.value && cell.scrollWidth > cell.clientWidth + slack)
      found.add(`longer than its cell: ${short(cell.value)}`);
  };

  const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  for (let text = walker.nextNode(); text; text = walker.nextNode()) lookAtWords(text);
  document.querySelectorAll<SVGTextElement>('svg text').forEach(lookAtDrawn);
  document.querySelectorAll<HTMLInputElement>('input[data-row]').forEach(lookAtCell);
  return [...found];
}
